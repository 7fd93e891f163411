import { ReportView } from '@/features/car/report/ReportView';
import { orNotFound } from '@/features/shell/orNotFound';
import { getInspection } from '@/server/inspect/queries';
import { page } from '../../../asPerson';

export const metadata = { title: 'Report' };

export default page('own', async ({ params }: { params: Promise<{ id: string }> }) => {
  return <ReportView inspection={await orNotFound(getInspection((await params).id))} />;
});
