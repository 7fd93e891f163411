import { UnsentJob } from '@/features/job/unsent/UnsentJob';
import { page } from '../../asPerson';

export const metadata = { title: 'Not sent yet' };

/** Stands for every page of a job that began on this device and has not reached the server: the device knows which. */
export default page('own', () => <UnsentJob />);
