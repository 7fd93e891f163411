import { KeptJob } from '@/features/job/kept/KeptJob';
import { page } from '../../asPerson';

export const metadata = { title: 'Without a network' };

/** Stands for every page of a job that a device does not have as such: what of it is there the device knows. */
export default page('own', () => <KeptJob />);
