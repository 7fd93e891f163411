import { ComplaintStage } from '@/features/job/complaint/ComplaintStage';

export default function ComplaintPage() {
  return <ComplaintStage />;
}
