import { redirect } from 'next/navigation';
import { stageToOpen } from '@/core/job/stages';
import { sheetOf } from '../../sheetOf';

export default async function JobPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  redirect(`/job/${id}/${stageToOpen(await sheetOf(id))}`);
}
