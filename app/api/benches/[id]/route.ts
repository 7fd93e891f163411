import { changeBench } from '@/server/benches/actions';
import { readJson, route } from '@/server/http/route';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeBench(id, await readJson(request)),
);
