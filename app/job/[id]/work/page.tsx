import { WorkStage } from '@/features/work/WorkStage';

export default function WorkPage() {
  return <WorkStage />;
}
