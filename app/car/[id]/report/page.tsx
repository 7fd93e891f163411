import { ReportView } from '@/features/car/report/ReportView';
import { orNotFound } from '@/features/shell/orNotFound';
import { getInspection } from '@/server/inspect/queries';

export const metadata = { title: 'Report' };

export default async function ReportPage({ params }: { params: Promise<{ id: string }> }) {
  return <ReportView inspection={await orNotFound(getInspection((await params).id))} />;
}
