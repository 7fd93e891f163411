import { readJson, route } from '@/server/http/route';
import { recordVerdict } from '@/server/jobs/work';

export const POST = route<{ id: string }>(async (request, { id }) =>
  recordVerdict(id, await readJson(request)),
);
