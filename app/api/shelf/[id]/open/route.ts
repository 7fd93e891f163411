import { readJson, route } from '@/server/http/route';
import { openBottle } from '@/server/shelf/actions';

export const POST = route<{ id: string }>(async (request, { id }) => openBottle(id, await readJson(request)));
