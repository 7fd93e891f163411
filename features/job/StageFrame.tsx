import type { ReactNode } from 'react';
import { PlanPanel } from './PlanPanel';
import { LeaningRail } from './rail/LeaningRail';

/** A stage of a job: the plan on the left, the work in the middle, the rail on the right. */
export function StageFrame({ children }: { children: ReactNode }) {
  return (
    <div className="pb-16 desk:grid desk:min-h-0 desk:grid-cols-[17rem_1fr_19rem] desk:pb-0 xl:grid-cols-[19rem_1fr_20rem] min-[1700px]:grid-cols-[22rem_1fr_25rem] print:block">
      <PlanPanel />
      <main id="main" className="relative min-w-0 p-4 desk:overflow-y-auto desk:p-5 print:overflow-visible">
        {children}
      </main>
      <LeaningRail />
    </div>
  );
}
