import { learnedShares } from '@/core/diagnosis/learn/priors';
import { KnowledgeView } from '@/features/shop/setup/KnowledgeView';
import { confirmedCauses } from '@/server/learn/queries';
import { getShop } from '@/server/shop/queries';

export const metadata = { title: 'What it knows' };

export default async function KnowledgePage() {
  const [confirmed, shop] = await Promise.all([confirmedCauses(), getShop()]);
  return (
    <KnowledgeView shares={learnedShares(confirmed, shop.learnStrength)} strength={shop.learnStrength} />
  );
}
