import { noteOnCar, saveCar } from '@/server/cars/actions';
import { getCar } from '@/server/cars/queries';
import { readJson, route } from '@/server/http/route';

export const GET = route<{ id: string }>(async (_request, { id }) => getCar(id));
export const PUT = route<{ id: string }>(async (request, { id }) => saveCar(id, await readJson(request)));
export const PATCH = route<{ id: string }>(async (request, { id }) => noteOnCar(id, await readJson(request)));
