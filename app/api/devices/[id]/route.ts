import { readJson, route } from '@/server/http/route';
import { endDevice } from '@/server/people/devices';

export const PATCH = route<{ id: string }>(async (request, { id }) => endDevice(id, await readJson(request)));
