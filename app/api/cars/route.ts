import { addCar } from '@/server/cars/actions';
import { readJson, route } from '@/server/http/route';

export const POST = route(async (request) => addCar(await readJson(request)));
