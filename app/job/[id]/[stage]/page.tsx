import { notFound } from 'next/navigation';
import { STAGES, type Stage } from '@/core/job/stages';
import { ChecksStage } from '@/features/job/checks/ChecksStage';
import { ComplaintStage } from '@/features/job/complaint/ComplaintStage';
import { ProofStage } from '@/features/job/proof/ProofStage';
import { VerdictStage } from '@/features/job/verdict/VerdictStage';
import { WorkStage } from '@/features/job/work/WorkStage';

const STAGE_VIEWS: Record<Stage, () => React.ReactNode> = {
  complaint: ComplaintStage,
  checks: ChecksStage,
  verdict: VerdictStage,
  work: WorkStage,
  proof: ProofStage,
};

export default async function StagePage({ params }: { params: Promise<{ stage: string }> }) {
  const { stage } = await params;
  if (!(STAGES as readonly string[]).includes(stage)) notFound();
  const View = STAGE_VIEWS[stage as Stage];
  return <View />;
}
