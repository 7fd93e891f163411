import { FLUID_RANGES } from '@/core/readings/fluid/ranges';
import { PrepView } from '@/features/car/prep/PrepView';
import { orNotFound } from '@/features/shell/orNotFound';
import { getPreparation } from '@/server/prep/queries';
import { page } from '../../../asPerson';

export const metadata = { title: 'Preparation' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ event?: string; peak?: string }> };

export default page('own', async ({ params, searchParams }: Props) => {
  const [{ id }, { event, peak }] = await Promise.all([params, searchParams]);
  const peakC = peak ? Number(peak) : Number.NaN;
  const [low, high] = FLUID_RANGES.caliperPeakC;
  const isPeak = peakC >= low && peakC <= high;
  return (
    <PrepView
      preparation={await orNotFound(getPreparation(id, { eventId: event, ...(isPeak ? { peakC } : {}) }))}
    />
  );
});
