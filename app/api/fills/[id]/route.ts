import { changeFill } from '@/server/fills/actions';
import { readJson, route } from '@/server/http/route';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeFill(id, await readJson(request)),
);
