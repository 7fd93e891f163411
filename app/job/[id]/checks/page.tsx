import { ChecksStage } from '@/features/checks/ChecksStage';

export default function ChecksPage() {
  return <ChecksStage />;
}
