import { readJson, route } from '@/server/http/route';
import { changeOwnSecrets } from '@/server/people/actions';

/** Changes one's own password or PIN. */
export const PATCH = route(async (request) => changeOwnSecrets(await readJson(request)));
