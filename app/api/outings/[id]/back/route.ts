import { readJson, route } from '@/server/http/route';
import { comeBack } from '@/server/jobs/outing';

export const POST = route<{ id: string }>(async (request, { id }) => comeBack(id, await readJson(request)));
