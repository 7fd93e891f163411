'use client';

import { useEffect, useState } from 'react';
import type { JobSheet } from '@/core/job/sheet';
import { wordsOf } from '@/core/job/wordsOf';
import type { Blank } from '@/server/jobs/blank';
import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { outbox } from '../../queue/page';
import type { QueuedWrite } from '../../queue/write';
import { JobProvider } from '../../record/JobProvider';
import type { JobState } from '../../record/jobStore';
import { judgeAway, wordsAway } from '../../record/judge';
import { later } from '../../shell/later';
import type { Read } from '../complaint/useHeard';
import { JobFrame } from '../JobFrame';
import { StageFrame } from '../StageFrame';
import { blankSheet, placeIn } from './blankSheet';

// A page of one stage does not wait for the others.
const STAGES = {
  complaint: later(() => import('../complaint/ComplaintStage').then((module) => module.ComplaintStage)),
  checks: later(() => import('../../checks/ChecksStage').then((module) => module.ChecksStage)),
  verdict: later(() =>
    import('../verdict/VerdictStage').then(({ VerdictStage }) => () => <VerdictStage like={NO_JOBS} />),
  ),
  work: later(() => import('../../work/WorkStage').then((module) => module.WorkStage)),
  proof: later(() => import('../proof/ProofStage').then((module) => module.ProofStage)),
};
const RunScreen = later(() => import('../../work/run/RunScreen').then((module) => module.RunScreen));

/** Of jobs like this one a device without a network knows nothing. */
const NO_JOBS = { total: 0, causes: [] };

type Found = { first: JobState; heard: Read; blank: Blank; segment: string; workId: string };

/** A job out of what this device keeps, at the stage its address names: one that began here, or a run that did. */
export function KeptJob() {
  const [found, setFound] = useState<Found | 'not here'>();
  useEffect(() => {
    void look().then(setFound);
  }, []);
  if (found === undefined) return null;
  if (found === 'not here') return <NotHere />;
  const { first, heard, blank, segment, workId } = found;
  const Stage = STAGES[segment as keyof typeof STAGES] ?? STAGES.complaint;
  return (
    <JobProvider first={first}>
      <JobFrame place={blank.place} past={blank.past} at={segment}>
        {segment === 'run' ? (
          <RunScreen workId={workId} />
        ) : (
          <StageFrame>
            <Stage heard={heard} />
          </StageFrame>
        )}
      </JobFrame>
    </JobProvider>
  );
}

/** Its opening waits in the outbox, or the device keeps its sheet; what its car brings is kept there too. */
async function look(): Promise<Found | 'not here'> {
  const { jobId, segment, workId } = placeIn(window.location.pathname);
  const opening = await openingOf(jobId);
  const known = opening ? undefined : await keptOf<JobSheet>(`/api/jobs/${jobId}`);
  const carId = opening?.body.carId ?? known?.car.id;
  const blank = carId && (await keptOf<Blank>(`/api/cars/${carId}/blank`));
  if (!blank) return 'not here';
  const sheet = opening ? blankSheet(opening, blank) : known!;
  const text = wordsOf(sheet.job);
  const [judgement, read] = await Promise.all([judgeAway(sheet), wordsAway(text)]);
  return { first: { sheet, judgement }, heard: { text, heard: read }, blank, segment, workId };
}

/** What the device has under an address; the worker before the page answers for the server. */
async function keptOf<T>(path: string): Promise<T | undefined> {
  const response = await fetch(path).catch(() => undefined);
  return response?.ok ? ((await response.json()) as T) : undefined;
}

/** The outbox knows what it holds once it has looked. */
function openingOf(jobId: string): Promise<Extract<QueuedWrite, { kind: 'opening' }> | undefined> {
  return new Promise((resolve) => {
    const look = () => {
      const { loaded, writes } = outbox.snapshot();
      if (!loaded) return;
      off();
      const opening = writes.find((write) => write.kind === 'opening' && write.jobId === jobId);
      resolve(opening?.kind === 'opening' ? opening : undefined);
    };
    const off = outbox.subscribe(look);
    look();
  });
}

function NotHere() {
  return (
    <main id="main" className="mx-auto max-w-xl p-4 desk:p-6">
      <h1 className="text-3xl">No network, and that job is not on this device</h1>
      <p className="my-3">
        The jobs in the bay, and those that began here, are. What you entered is kept and sent when there is a
        network again.
      </p>
      <Link href="/" className={buttonClass('primary')}>
        To the bay
      </Link>
    </main>
  );
}
