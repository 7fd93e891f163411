import { CIRCUIT_KINDS } from '@/core/car/circuits';
import { PartsLedgerView } from '@/features/shop/parts/PartsLedgerView';
import { partsLedger } from '@/server/lives/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'How parts last' };

type Props = { searchParams: Promise<{ car?: string; circuit?: string }> };

export default page('read', async ({ searchParams }: Props) => {
  const { car, circuit } = await searchParams;
  const kind = CIRCUIT_KINDS.find((each) => each === circuit);
  const asked = { ...(car ? { car } : {}), ...(kind ? { circuit: kind } : {}) };
  return <PartsLedgerView ledger={await partsLedger(asked)} />;
});
