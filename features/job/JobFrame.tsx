'use client';

import { useSelectedLayoutSegments } from 'next/navigation';
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
import { StageRule } from './StageRule';

/** One job's page: who and which stage above; below it a stage (`StageFrame`), or a run, which has the screen to itself: hands are full. */
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
  const selected = useSelectedLayoutSegments();
  const segments = at === undefined ? selected : [at];
  const running = segments.includes('run');
  const stage = running ? 'work' : (STAGES.find((each) => segments.includes(each)) ?? 'complaint');
  useStageKeys(sheet.job.id);
  return (
    <PresenceProvider jobId={sheet.job.id} stage={stage}>
      <WorkPlaceProvider place={place}>
        <PastProvider past={past}>
          <MeasureProvider>
            {/* What scrolls is also what hidden labels are placed in: else they lengthen the page itself. */}
            <div className="desk:grid desk:h-[calc(100dvh-2.75rem)] desk:grid-rows-[auto_1fr] desk:overflow-hidden print:block print:h-auto print:overflow-visible">
              <StageRule stage={stage} deskOnly={running} />
              {children}
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
