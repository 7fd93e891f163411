import { SeasonView } from '@/features/car/season/SeasonView';
import { orNotFound } from '@/features/shell/orNotFound';
import { getSeason } from '@/server/season/queries';
import { page } from '../../../asPerson';

export const metadata = { title: 'Season' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ year?: string }> };

export default page('own', async ({ params, searchParams }: Props) => {
  const [{ id }, { year }] = await Promise.all([params, searchParams]);
  const asked = /^(19|20|21)\d\d$/.test(year ?? '') ? Number(year) : undefined;
  return <SeasonView season={await orNotFound(getSeason(id, asked))} />;
});
