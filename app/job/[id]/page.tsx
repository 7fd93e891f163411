import { redirect } from 'next/navigation';
import { stageToOpen } from '@/core/job/stages';
import { orNotFound } from '@/features/shell/orNotFound';
import { getSheet } from '@/server/jobs/queries';

export default async function JobPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  redirect(`/job/${id}/${stageToOpen(await orNotFound(getSheet(id)))}`);
}
