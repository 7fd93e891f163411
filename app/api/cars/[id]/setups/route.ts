import { readJson, route } from '@/server/http/route';
import { addSetup } from '@/server/setups/actions';

export const POST = route<{ id: string }>(async (request, { id }) => addSetup(id, await readJson(request)));
