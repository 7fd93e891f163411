import { readJson, route } from '@/server/http/route';
import { saveShop } from '@/server/shop/actions';

export const PUT = route(async (request) => saveShop(await readJson(request)));
