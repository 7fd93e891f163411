import { readJson, route } from '@/server/http/route';
import { sendOut } from '@/server/jobs/proofDrive';

export const POST = route<{ id: string }>(async (request, { id }) => sendOut(id, await readJson(request)));
