import { PrepView } from '@/features/car/prep/PrepView';
import { orNotFound } from '@/features/shell/orNotFound';
import { getPreparation } from '@/server/prep/queries';

export const metadata = { title: 'Preparation' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ event?: string; peak?: string }> };

/** Degrees that a caliper may reach and a page may be asked for. */
const PEAK_C = [20, 400] as const;

export default async function PreparePage({ params, searchParams }: Props) {
  const [{ id }, { event, peak }] = await Promise.all([params, searchParams]);
  const peakC = Number(peak);
  const isPeak = peak !== undefined && peak !== '' && peakC >= PEAK_C[0] && peakC <= PEAK_C[1];
  return (
    <PrepView
      preparation={await orNotFound(getPreparation(id, { eventId: event, ...(isPeak ? { peakC } : {}) }))}
    />
  );
}
