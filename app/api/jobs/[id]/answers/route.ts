import { readJson, route } from '@/server/http/route';
import { addAnswer } from '@/server/jobs/append';

export const POST = route<{ id: string }>(async (request, { id }) => addAnswer(id, await readJson(request)));
