import { VerdictStage } from '@/features/job/verdict/VerdictStage';

export default function VerdictPage() {
  return <VerdictStage />;
}
