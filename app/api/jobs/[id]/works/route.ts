import { readJson, route } from '@/server/http/route';
import { startWork } from '@/server/jobs/work';

export const POST = route<{ id: string }>(async (request, { id }) => startWork(id, await readJson(request)));
