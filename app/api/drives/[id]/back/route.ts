import { readJson, route } from '@/server/http/route';
import { comeBack } from '@/server/jobs/proofDrive';

export const POST = route<{ id: string }>(async (request, { id }) => comeBack(id, await readJson(request)));
