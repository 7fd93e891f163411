import type { ReactNode } from 'react';
import { JobFrame } from '@/features/job/JobFrame';
import { JobProvider } from '@/features/record/JobProvider';
import { judgeAside } from '@/server/heavy/judge';
import { timesTaken } from '@/server/learn/minutes';
import { carParts } from '@/server/parts/queries';
import { getShelf } from '@/server/shelf/queries';
import { getShop } from '@/server/shop/queries';
import { carPast } from '@/server/wear/queries';
import { page, title } from '../../asPerson';
import { sheetOf } from '../../sheetOf';

type Props = { params: Promise<{ id: string }>; children: ReactNode };

export const generateMetadata = title('own', async ({ params }: Props) => {
  const { job, car } = await sheetOf((await params).id);
  return { title: `${car.name}: ${job.complaint || `job ${job.number}`}` };
});

export default page('own', async ({ params, children }: Props) => {
  const [sheet, shop] = await Promise.all([sheetOf((await params).id), getShop()]);
  const [judgement, past, shelf, parts, took] = await Promise.all([
    judgeAside(sheet),
    carPast(sheet.car.id, { exceptJob: sheet.job.id, timeZone: shop.timeZone }),
    getShelf(),
    carParts(sheet.car.id),
    timesTaken(),
  ]);
  return (
    <JobProvider first={{ sheet, judgement }}>
      <JobFrame place={{ ways: shop, shelf, parts, took }} past={past}>
        {children}
      </JobFrame>
    </JobProvider>
  );
});
