import { addFill } from '@/server/fills/actions';
import { readJson, route } from '@/server/http/route';

export const POST = route<{ id: string }>(async (request, { id }) => addFill(id, await readJson(request)));
