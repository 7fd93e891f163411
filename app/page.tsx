import { dayIn } from '@/core/base/day';
import { KeepFresh } from '@/features/frame/KeepFresh';
import { BayBoard } from '@/features/shop/bay/BayBoard';
import { getBay } from '@/server/bay/queries';
import { getShop } from '@/server/shop/queries';
import { page } from './asPerson';

export const metadata = { title: 'Bay' };

export default page('own', async ({ searchParams }: { searchParams: Promise<{ due?: string }> }) => {
  const { due } = await searchParams;
  const { timeZone } = await getShop();
  return (
    <>
      <KeepFresh />
      <BayBoard bay={await getBay(dayIn(timeZone, new Date()), due === 'all')} />
    </>
  );
});
