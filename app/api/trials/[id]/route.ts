import { readJson, route } from '@/server/http/route';
import { changeTrial } from '@/server/jobs/changeTrial';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeTrial(id, await readJson(request)),
);
