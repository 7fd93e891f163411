import { readJson, route } from '@/server/http/route';
import { changePhoto } from '@/server/photos/actions';
import { photoBytes } from '@/server/photos/queries';

/** The photograph itself; it never changes. */
export const GET = route<{ id: string }>(
  async (_request, { id }) =>
    new Response(await photoBytes(id), {
      headers: {
        'content-type': 'image/jpeg',
        'cache-control': 'private, max-age=31536000, immutable',
        'x-content-type-options': 'nosniff',
      },
    }),
);

export const PATCH = route<{ id: string }>(async (request, { id }) =>
  changePhoto(id, await readJson(request)),
);
