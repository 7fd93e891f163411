import { readJson, route } from '@/server/http/route';
import { changeShelfItem } from '@/server/shelf/actions';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeShelfItem(id, await readJson(request)),
);
