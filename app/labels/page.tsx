import { LabelsView } from '@/features/shop/labels/LabelsView';
import { labelsOffered } from '@/server/labels/queries';
import { page } from '../asPerson';

export const metadata = { title: 'Labels' };

type Props = { searchParams: Promise<{ pick?: string }> };

export default page('work', async ({ searchParams }: Props) => {
  const [labels, { pick = '' }] = await Promise.all([labelsOffered(), searchParams]);
  return <LabelsView key={pick} labels={labels} picked={pick.split(',').filter(Boolean)} />;
});
