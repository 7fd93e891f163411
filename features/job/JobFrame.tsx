'use client';

import { useSelectedLayoutSegment } from 'next/navigation';
import { type ReactNode, useEffect } from 'react';
import { STAGES } from '@/core/job/stage';
import { MeasureProvider } from '../measure/MeasureFocus';
import { type CarPastView, PastProvider } from '../measure/PastContext';
import { useSettledJob } from '../record/JobProvider';
import { PresenceProvider } from '../record/Presence';
import { STAGE_KEYS } from '../shell/shortcuts';
import { useGo } from '../shell/useGo';
import { isTyping } from '../shell/useShortcuts';
import { type WorkPlace, WorkPlaceProvider } from '../work/WorkPlace';
import { PlanPanel } from './PlanPanel';
import { LeaningRail } from './rail/LeaningRail';
import { StageRule } from './StageRule';

/** One job's page: who and which stage above, the plan on the left, the work in the middle, the rail on the right. */
export function JobFrame({
  place,
  past,
  at,
  children,
}: {
  place: WorkPlace;
  past: CarPastView;
  /** The stage, where no route says it: a job that only this device knows. */
  at?: string;
  children: ReactNode;
}) {
  const { sheet } = useSettledJob();
  const selected = useSelectedLayoutSegment();
  const segment = at ?? selected;
  // A run has the screen to itself: hands are full.
  const running = segment === 'run';
  const stage = running ? 'work' : (STAGES.find((each) => each === segment) ?? 'complaint');
  useStageKeys(sheet.job.id);
  return (
    <PresenceProvider jobId={sheet.job.id} stage={stage}>
      <WorkPlaceProvider place={place}>
        <PastProvider past={past}>
          <MeasureProvider>
            {/* What scrolls is also what hidden labels are placed in: else they lengthen the page itself. */}
            <div className="desk:grid desk:h-[calc(100dvh-2.75rem)] desk:grid-rows-[auto_1fr] desk:overflow-hidden print:block print:h-auto print:overflow-visible">
              <StageRule stage={stage} deskOnly={running} />
              {running ? (
                <main id="main" className="relative min-w-0 desk:min-h-0">
                  {children}
                </main>
              ) : (
                <div className="pb-16 desk:grid desk:min-h-0 desk:grid-cols-[17rem_1fr_19rem] desk:pb-0 xl:grid-cols-[19rem_1fr_20rem] min-[1700px]:grid-cols-[22rem_1fr_25rem] print:block">
                  <PlanPanel />
                  <main
                    id="main"
                    className="relative min-w-0 p-4 desk:overflow-y-auto desk:p-5 print:overflow-visible"
                  >
                    {children}
                  </main>
                  <LeaningRail />
                </div>
              )}
            </div>
          </MeasureProvider>
        </PastProvider>
      </WorkPlaceProvider>
    </PresenceProvider>
  );
}

function useStageKeys(jobId: string): void {
  const go = useGo();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const hit = STAGE_KEYS.find((each) => each.key === event.key);
      if (hit) go(`/job/${jobId}/${hit.stage}`);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [go, jobId]);
}
