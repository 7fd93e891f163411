import { redirect } from 'next/navigation';
import { Story } from '@/features/shop/ledger/Story';
import { judgeAside } from '@/server/heavy/judge';
import { authorsOf } from '@/server/jobs/authors';
import { leftBy } from '@/server/ledger/left';
import { page, title } from '../../asPerson';
import { sheetOf } from '../../sheetOf';

type Props = { params: Promise<{ id: string }> };

export const generateMetadata = title('own', async ({ params }: Props) => {
  const { job, car } = await sheetOf((await params).id);
  return { title: `${car.name}: ${job.complaint || `job ${job.number}`}` };
});

export default page('own', async ({ params }: Props) => {
  const sheet = await sheetOf((await params).id);
  if (!sheet.job.closedAt) redirect(`/job/${sheet.job.id}`);
  const [{ holds, proof, derived, figures, measured }, left, authors] = await Promise.all([
    judgeAside(sheet),
    leftBy(sheet.job.id),
    authorsOf(sheet.job.id),
  ]);
  return <Story {...{ sheet, holds, proof, measured, derived, figures, left, authors }} />;
});
