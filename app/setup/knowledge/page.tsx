import { learnedShares } from '@/core/diagnosis/learn/priors';
import { KnowledgeView } from '@/features/shop/setup/KnowledgeView';
import { confirmedCauses } from '@/server/learn/queries';
import { getShop } from '@/server/shop/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'What it knows' };

type Props = { searchParams: Promise<{ find?: string }> };

export default page('read', async ({ searchParams }: Props) => {
  const [{ find }, confirmed, shop] = await Promise.all([searchParams, confirmedCauses(), getShop()]);
  return (
    <KnowledgeView
      key={find}
      find={find}
      shares={learnedShares(confirmed, shop.learnStrength)}
      strength={shop.learnStrength}
    />
  );
});
