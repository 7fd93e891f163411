import { readJson, route } from '@/server/http/route';
import { addTick } from '@/server/jobs/work';

export const POST = route<{ id: string }>(async (request, { id }) => addTick(id, await readJson(request)));
