import { ProofStage } from '@/features/job/proof/ProofStage';
import { page } from '../../../../asPerson';

export default page('own', () => {
  return <ProofStage />;
});
