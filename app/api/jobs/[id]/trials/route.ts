import { readJson, route } from '@/server/http/route';
import { addTrial } from '@/server/jobs/changeTrial';

export const POST = route<{ id: string }>(async (request, { id }) => addTrial(id, await readJson(request)));
