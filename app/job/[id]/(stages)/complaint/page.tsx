import { ComplaintStage } from '@/features/job/complaint/ComplaintStage';
import { page } from '../../../../asPerson';

export default page('own', () => {
  return <ComplaintStage />;
});
