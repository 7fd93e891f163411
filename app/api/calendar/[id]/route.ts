import { endFeed } from '@/server/calendar/feed';
import { readJson, route } from '@/server/http/route';

export const PATCH = route<{ id: string }>(async (request, { id }) => endFeed(id, await readJson(request)));
