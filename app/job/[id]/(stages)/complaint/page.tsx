import { readWords } from '@/core/diagnosis/words/words';
import { wordsOf } from '@/core/job/wordsOf';
import { ComplaintStage } from '@/features/job/complaint/ComplaintStage';
import { page } from '../../../../asPerson';
import { sheetOf } from '../../../../sheetOf';

type Props = { params: Promise<{ id: string }> };

export default page('own', async ({ params }: Props) => {
  const { job } = await sheetOf((await params).id);
  const text = wordsOf(job);
  return <ComplaintStage heard={{ text, heard: readWords(text) }} />;
});
