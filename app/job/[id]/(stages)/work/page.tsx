import { WorkStage } from '@/features/work/WorkStage';
import { page } from '../../../../asPerson';

export default page('own', () => {
  return <WorkStage />;
});
