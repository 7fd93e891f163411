import { LabelsView } from '@/features/shop/labels/LabelsView';
import { labelsOffered } from '@/server/labels/queries';

export const metadata = { title: 'Labels' };

type Props = { searchParams: Promise<{ pick?: string }> };

export default async function LabelsPage({ searchParams }: Props) {
  const [labels, { pick = '' }] = await Promise.all([labelsOffered(), searchParams]);
  return <LabelsView key={pick} labels={labels} picked={pick.split(',').filter(Boolean)} />;
}
