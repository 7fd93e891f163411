import { redirect } from 'next/navigation';
import { stageToOpen } from '@/core/job/progress';
import { page } from '../../asPerson';
import { sheetOf } from '../../sheetOf';

export default page('own', async ({ params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  redirect(`/job/${id}/${stageToOpen(await sheetOf(id))}`);
});
