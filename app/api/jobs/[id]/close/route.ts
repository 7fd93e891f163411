import { readJson, route } from '@/server/http/route';
import { closeJob } from '@/server/jobs/close';

export const POST = route<{ id: string }>(async (request, { id }) => closeJob(id, await readJson(request)));
