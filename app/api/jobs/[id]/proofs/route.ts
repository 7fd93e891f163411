import { readJson, route } from '@/server/http/route';
import { proveHold } from '@/server/jobs/work';

export const POST = route<{ id: string }>(async (request, { id }) => proveHold(id, await readJson(request)));
