import { WorkStage } from '@/features/job/work/WorkStage';

export default function WorkPage() {
  return <WorkStage />;
}
