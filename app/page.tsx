import { BayBoard } from '@/features/bay/BayBoard';
import { KeepFresh } from '@/features/shell/KeepFresh';
import { getBay } from '@/server/bay/queries';

export const metadata = { title: 'Bay' };

export default async function BayPage() {
  return (
    <>
      <KeepFresh everyMs={30_000} />
      <BayBoard bay={await getBay(new Date().toISOString().slice(0, 10))} />
    </>
  );
}
