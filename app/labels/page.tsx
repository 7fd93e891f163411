import { headers } from 'next/headers';
import { LabelsView } from '@/features/shop/labels/LabelsView';
import { labelsOffered } from '@/server/labels/queries';
import { originOf } from '@/server/people/cookies';
import { page } from '../asPerson';

export const metadata = { title: 'Labels' };

type Props = { searchParams: Promise<{ pick?: string }> };

export default page('work', async ({ searchParams }: Props) => {
  const [labels, { pick = '' }, asked] = await Promise.all([labelsOffered(), searchParams, headers()]);
  const picked = pick.split(',').filter(Boolean);
  return <LabelsView key={pick} labels={labels} picked={picked} opened={originOf({ headers: asked })} />;
});
