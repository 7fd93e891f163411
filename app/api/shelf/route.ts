import { readJson, route } from '@/server/http/route';
import { addShelfItem } from '@/server/shelf/actions';

export const POST = route(async (request) => addShelfItem(await readJson(request)));
