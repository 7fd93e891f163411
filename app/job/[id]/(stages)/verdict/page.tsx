import { standingAnswers } from '@/core/job/standing';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { VerdictStage } from '@/features/job/verdict/VerdictStage';
import { behindFirstAside } from '@/server/heavy/judge';
import { jobsLike } from '@/server/learn/queries';
import { page } from '../../../../asPerson';
import { sheetOf } from '../../../../sheetOf';

type Props = { params: Promise<{ id: string }> };

export default page('own', async ({ params }: Props) => {
  const sheet = await sheetOf((await params).id);
  const complaints = standingAnswers(sheet.answers, 'before')
    .filter((row) => row.state === 'yes' && findingOf(row.finding).stage === 'complaint')
    .map((row) => row.finding);
  const [like, first] = await Promise.all([jobsLike(complaints, sheet.job.id), behindFirstAside(sheet)]);
  return <VerdictStage like={like} first={first} />;
});
