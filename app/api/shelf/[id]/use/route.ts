import { readJson, route } from '@/server/http/route';
import { takeFluid } from '@/server/shelf/actions';

export const POST = route<{ id: string }>(async (request, { id }) => takeFluid(id, await readJson(request)));
