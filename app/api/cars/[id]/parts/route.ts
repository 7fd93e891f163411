import { readJson, route } from '@/server/http/route';
import { fitPart } from '@/server/parts/actions';

export const POST = route<{ id: string }>(async (request, { id }) => fitPart(id, await readJson(request)));
