import { exportCar } from '@/server/cars/file';
import { route } from '@/server/http/route';

export const dynamic = 'force-dynamic';

/** Writing out ten years of one car may take its time. */
const EXPORT_MS = 60_000;

/** A car with its whole history, to be handed to another shop. */
export const GET = route<{ id: string }>(
  async (_, { id }) => {
    const file = await exportCar(id);
    const name = file.car.name.replace(/[^a-z0-9]+/gi, '-').toLowerCase();
    return new Response(JSON.stringify(file, null, 1), {
      headers: {
        'content-type': 'application/json',
        'content-disposition': `attachment; filename="car-${name}.json"`,
      },
    });
  },
  { withinMs: EXPORT_MS, costly: true },
);
