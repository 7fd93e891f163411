import { ProofStage } from '@/features/job/proof/ProofStage';

export default function ProofPage() {
  return <ProofStage />;
}
