import { ChecksStage } from '@/features/checks/ChecksStage';
import { page } from '../../../../asPerson';

export default page('own', () => {
  return <ChecksStage />;
});
