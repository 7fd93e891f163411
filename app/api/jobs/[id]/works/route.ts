import { readJson, route } from '@/server/http/route';
import { addWork } from '@/server/jobs/work';

export const POST = route<{ id: string }>(async (request, { id }) => addWork(id, await readJson(request)));
