import { RunScreen } from '@/features/work/run/RunScreen';

type Props = { params: Promise<{ id: string; workId: string }> };

export default async function RunPage({ params }: Props) {
  return <RunScreen workId={(await params).workId} />;
}
