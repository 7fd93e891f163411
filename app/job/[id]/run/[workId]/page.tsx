import { RunScreen } from '@/features/work/run/RunScreen';
import { page } from '../../../../asPerson';

type Props = { params: Promise<{ id: string; workId: string }> };

export default page('own', async ({ params }: Props) => {
  return <RunScreen workId={(await params).workId} />;
});
