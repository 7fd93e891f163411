import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { judge } from '@/core/job/judgement';
import { JobDesk } from '@/features/job/desk/Desk';
import { JobFrame } from '@/features/job/JobFrame';
import { orNotFound } from '@/features/shell/orNotFound';
import { getSheet } from '@/server/jobs/queries';
import { getShop } from '@/server/shop/queries';

type Props = { params: Promise<{ id: string }>; children: ReactNode };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { job, car } = await orNotFound(getSheet((await params).id));
  return { title: `${car.name}: ${job.complaint || `job ${job.number}`}` };
}

export default async function JobLayout({ params, children }: Props) {
  const [sheet, shop] = await Promise.all([orNotFound(getSheet((await params).id)), getShop()]);
  return (
    <JobDesk sheet={sheet} judgement={judge(sheet)}>
      <JobFrame schools={shop}>{children}</JobFrame>
    </JobDesk>
  );
}
