import { readJson, route } from '@/server/http/route';
import { changeEvent } from '@/server/wear/actions';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeEvent(id, await readJson(request)),
);
