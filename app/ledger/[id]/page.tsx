import { redirect } from 'next/navigation';
import { Story } from '@/features/shop/ledger/Story';
import { judgeAside } from '@/server/heavy/judge';
import { leftBy } from '@/server/ledger/left';
import { sheetOf } from '../../sheetOf';

type Props = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Props) {
  const { job, car } = await sheetOf((await params).id);
  return { title: `${car.name}: ${job.complaint || `job ${job.number}`}` };
}

export default async function StoryPage({ params }: Props) {
  const sheet = await sheetOf((await params).id);
  if (!sheet.job.closedAt) redirect(`/job/${sheet.job.id}`);
  const [{ holds, proof, derived, measured }, left] = await Promise.all([
    judgeAside(sheet),
    leftBy(sheet.job.id),
  ]);
  return (
    <Story sheet={sheet} holds={holds} proof={proof} measured={measured} derived={derived} left={left} />
  );
}
