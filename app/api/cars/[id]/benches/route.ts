import { keepBench } from '@/server/benches/actions';
import { readJson, route } from '@/server/http/route';

export const POST = route<{ id: string }>(async (request, { id }) => keepBench(id, await readJson(request)));
