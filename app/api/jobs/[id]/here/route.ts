import { readJson, route } from '@/server/http/route';
import { beHere } from '@/server/live/presence';

/** Where a page is in a job, and who else has it open. */
export const POST = route<{ id: string }>(async (request, { id }) => beHere(id, await readJson(request)));
