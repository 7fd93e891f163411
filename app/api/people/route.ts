import { readJson, route } from '@/server/http/route';
import { addPerson } from '@/server/people/actions';

export const POST = route(async (request) => addPerson(await readJson(request)));
