import { finishFollowUp } from '@/server/cars/actions';
import { readJson, route } from '@/server/http/route';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  finishFollowUp(id, await readJson(request)),
);
