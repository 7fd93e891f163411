import { readJson, route } from '@/server/http/route';
import { addPhoto } from '@/server/photos/actions';

export const POST = route<{ id: string }>(async (request, { id }) => addPhoto(id, await readJson(request)));
