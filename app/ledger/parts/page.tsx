import { PartsLedgerView } from '@/features/shop/parts/PartsLedgerView';
import { partsLedger } from '@/server/lives/queries';

export const metadata = { title: 'How parts last' };

export default async function PartsLedgerPage() {
  return <PartsLedgerView ledger={await partsLedger()} />;
}
