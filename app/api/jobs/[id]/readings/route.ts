import { readJson, route } from '@/server/http/route';
import { addReading } from '@/server/jobs/append';

export const POST = route<{ id: string }>(async (request, { id }) => addReading(id, await readJson(request)));
