import { ChecksStage } from '@/features/job/checks/ChecksStage';

export default function ChecksPage() {
  return <ChecksStage />;
}
