import { readJson, route } from '@/server/http/route';
import { changeJob } from '@/server/jobs/open';
import { getSheet } from '@/server/jobs/queries';

export const GET = route<{ id: string }>(async (_request, { id }) => getSheet(id));
export const PATCH = route<{ id: string }>(async (request, { id }) => changeJob(id, await readJson(request)));
