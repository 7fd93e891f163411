import { readJson, route } from '@/server/http/route';
import { changePerson } from '@/server/people/actions';

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changePerson(id, await readJson(request)),
);
