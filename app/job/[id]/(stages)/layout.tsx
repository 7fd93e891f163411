import type { ReactNode } from 'react';
import { StageFrame } from '@/features/job/StageFrame';

/** The stages of a job share a plan and a rail that stay while one goes from one to the next. */
export default function StagesLayout({ children }: { children: ReactNode }) {
  return <StageFrame>{children}</StageFrame>;
}
