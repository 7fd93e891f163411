import { readJson, route } from '@/server/http/route';
import { openJob } from '@/server/jobs/open';

export const POST = route(async (request) => openJob(await readJson(request)));
