import { readJson, route } from '@/server/http/route';
import { addEvent } from '@/server/wear/actions';

export const POST = route<{ id: string }>(async (request, { id }) => addEvent(id, await readJson(request)));
