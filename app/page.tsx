import { BayBoard } from '@/features/bay/BayBoard';
import { getBay } from '@/server/bay/queries';

export const metadata = { title: 'Bay' };

export default async function BayPage() {
  return <BayBoard bay={await getBay(new Date().toISOString().slice(0, 10))} />;
}
