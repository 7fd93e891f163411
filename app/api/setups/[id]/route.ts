import { readJson, route } from '@/server/http/route';
import { changeSetup } from '@/server/setups/actions';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changeSetup(id, await readJson(request)),
);
