import { readJson, route } from '@/server/http/route';
import { changePoured } from '@/server/jobs/fluid';

export const POST = route<{ id: string }>(async (request, { id }) =>
  changePoured(id, await readJson(request)),
);
