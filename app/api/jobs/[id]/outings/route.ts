import { readJson, route } from '@/server/http/route';
import { sendOut } from '@/server/jobs/outing';

export const POST = route<{ id: string }>(async (request, { id }) => sendOut(id, await readJson(request)));
