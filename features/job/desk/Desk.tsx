'use client';

import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { flushSync } from 'react-dom';
import type { Corner, Place } from '@/core/car/corner';
import type { ChangeTrial } from '@/core/job/changeTrial';
import type { Judgement } from '@/core/job/judgement';
import { inOwnOrder } from '@/core/job/ownOrder';
import type { DriveBack, ProofDrive } from '@/core/job/proofDrive';
import type { AnswerRow, JobFields, JobSheet, ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import type { ProcedureId } from '@/core/planning/library';
import type { WorkOptions } from '@/core/planning/options';
import type { WorkPlan } from '@/core/planning/plan';
import { withoutLeft } from '@/core/planning/run/mates';
import type { FigureSlot, TickRow } from '@/core/planning/run/rows';
import type { Phase } from '@/core/readings/phase';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { stateWord } from '@/core/readings/vocabulary/words';
import { readingLabel } from '../../measure/readingLabel';
import { newId } from '../../shell/newId';
import { outbox } from '../../shell/outbox';
import { undo } from '../../shell/undo';
import { applyAnswer, applyParcel, type VisitRun } from './apply';
import { judgeAway } from './judge';

/** A reading about to be written down; it replaces the one that stands in its place. */
export type NewReading = {
  phase?: Phase;
  kind: string;
  corner?: Corner;
  input: Record<string, unknown> | null;
  entered?: Record<string, string>;
  why?: string;
};

export type TickRecord = TickRow['record'];

export type NewWork = {
  procedure: ProcedureId | 'other';
  cause: string | null;
  title: string;
  before: string;
  measuredBy: FigureSlot | null;
  corners: Corner[];
  options: WorkOptions;
  /** The work with which it is done in one visit. */
  visit: string | null;
};

export type Desk = {
  sheet: JobSheet;
  judgement: Judgement;
  closed: boolean;
  corner: Corner | null;
  pickCorner: (corner: Corner | null) => void;
  /** The state that stands for a question at a place, '' when there is none. */
  stateOf: (phase: Phase, finding: FindingId, place?: Place) => string;
  answer: (
    phase: Phase,
    finding: FindingId,
    place: Place | undefined,
    state: string | null,
    more?: { why?: string; implied?: true },
  ) => void;
  /** Says the same again of what stands after the work: asked as such, as the car is now. */
  confirm: (finding: FindingId, place: Place | undefined, state: string) => void;
  /** Writes a reading down, and gives back its row. */
  read: (reading: NewReading) => ReadingRow;
  changeJob: <F extends keyof JobFields>(field: F, value: JobFields[F], label: string) => void;
  decide: (cause: string | null) => void;
  /** Adds a work and gives back its id; the plan shown stands until the server's own arrives. In a visit it has no id yet. */
  addWork: (work: NewWork, plan: WorkPlan, inVisit?: readonly VisitRun[]) => string;
  tick: (workId: string, step: string, done: boolean, more?: { note?: string; record?: TickRecord }) => void;
  prove: (hold: string, how: string, by: string) => void;
  /** Sends the car out on proof. */
  sendOut: (drive: Pick<ProofDrive, 'driver' | 'conditions' | 'dueOn'>) => void;
  /** Notes a change that was tried over laps. */
  addTrial: (trial: Omit<ChangeTrial, 'id' | 'recordedAt' | 'version'>) => void;
  /** It is back. */
  comeBack: (driveId: string, back: Omit<DriveBack, 'id' | 'at'>) => void;
  /** Takes the server's newest sheet. */
  refresh: () => Promise<void>;
  replaceSheet: (sheet: JobSheet) => void;
};

const Context = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = useContext(Context);
  if (!desk) throw new Error('no job desk above this component');
  return desk;
}

/** How often another person's entries are looked for while the page is in view, ms. */
const LOOK_AGAIN_MS = 20_000;

/**
 * Holds one job while it is worked on: the server's sheet with everything entered since laid over it, judged anew at
 * each entry. Stays in place while the stages change.
 */
export function JobDesk({
  sheet: first,
  judgement: firstJudgement,
  children,
}: {
  sheet: JobSheet;
  judgement: Judgement;
  children: ReactNode;
}) {
  const [base, setBase] = useState(first);
  const jobId = base.job.id;
  const { parcels } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  const enteredAt = useRef(new Map<string, string>());
  const sheet = useMemo(() => {
    const mine = parcels.filter((parcel) => parcel.jobId === jobId && parcel.refusal === undefined);
    const entered = mine.reduce(
      (each, parcel) => applyParcel(each, parcel, timeOf(enteredAt.current, parcel.id)),
      base,
    );
    const works = inOwnOrder(withoutLeft(entered.works, entered.ticks), entered.job.workOrder);
    return { ...entered, works };
  }, [base, parcels, jobId]);
  const judgement = useJudgement(sheet, firstJudgement, first);
  const [corner, pickCorner] = useState<Corner | null>(null);

  const replaceSheet = useCallback((next: JobSheet) => {
    outbox.sawVersion(next.job.id, next.job.version);
    setBase(next);
  }, []);
  const landings = useRef(0);
  const refresh = useCallback(async () => {
    for (let attempt = 0; attempt < 3; attempt++) {
      const before = landings.current;
      const response = await fetch(`/api/jobs/${jobId}`).catch(() => undefined);
      if (!response?.ok) return;
      const newest = (await response.json()) as JobSheet;
      // What landed while this was on its way may not be in it: laid over, it would take a step back.
      if (landings.current === before) return replaceSheet(newest);
    }
  }, [jobId, replaceSheet]);

  useEffect(() => outbox.sawVersion(first.job.id, first.job.version), [first]);
  useEffect(
    () =>
      outbox.onDelivered((parcel, answer) => {
        if (parcel.jobId !== jobId) return;
        landings.current += 1;
        // The server's row has to stand before the parcel is gone, or the entry is missing for a moment and whatever
        // is open for the step after it starts anew.
        flushSync(() => setBase((now) => applyAnswer(now, parcel, answer)));
      }),
    [jobId],
  );
  // What an earlier page left behind may have been sent before this desk was listening.
  useEffect(() => {
    if (outbox.hasLanded(jobId)) void refresh();
  }, [jobId, refresh]);
  useEffect(() => {
    const look = () => document.visibilityState === 'visible' && void refresh();
    const timer = setInterval(look, LOOK_AGAIN_MS);
    document.addEventListener('visibilitychange', look);
    window.addEventListener('bavrin-refresh', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
      window.removeEventListener('bavrin-refresh', look);
    };
  }, [refresh]);

  const desk = useMemo((): Desk => {
    const post = (
      kind: 'answer' | 'reading' | 'verdict' | 'proof' | 'proof_drive' | 'trial',
      path: string,
      body: Record<string, unknown>,
      label: string,
    ) => outbox.add({ id: body.id as string, kind, jobId, method: 'POST', path, body, label });
    const job = `/api/jobs/${jobId}`;
    const headAnswer = (phase: Phase, finding: FindingId, place?: Place) =>
      headOf(sheet.answers, phase, (row) => row.finding === finding && row.place === (place ?? ''));
    const say = (
      phase: Phase,
      finding: FindingId,
      place: Place | undefined,
      state: string | null,
      head: Pick<AnswerRow, 'id'> | undefined,
      { why = '', implied }: { why?: string; implied?: true } = {},
    ) => {
      const body = {
        id: newId(),
        phase,
        finding,
        place: place ?? '',
        state,
        replaces: head?.id ?? null,
        why,
        ...(implied ? { implied } : {}),
      };
      const said = state === null ? 'taken back' : stateWord(finding, state).toLowerCase();
      const label = `${findingOf(finding).label}${place ? ` ${place}` : ''}: ${said}`;
      post('answer', `${job}/answers`, body, label);
      return body.id;
    };
    return {
      sheet,
      judgement,
      closed: sheet.job.closedAt !== null,
      corner,
      pickCorner,
      stateOf: (phase, finding, place) => headAnswer(phase, finding, place)?.state ?? '',
      answer(phase, finding, place, state, more = {}) {
        const head = headAnswer(phase, finding, place);
        // After the work the same is said anew when work has gone on since, or when only a run had implied it.
        if ((head?.state ?? null) === state && (state === null || phase === 'before')) return;
        const id = say(phase, finding, place, state, head, more);
        // Taken back at once it leaves no correction in the record.
        const back = () => say(phase, finding, place, head?.state ?? null, { id });
        const label = findingOf(finding).label + (place ? ` ${place}` : '');
        undo.offer(
          state === null ? `Taken back: ${label}` : label,
          back,
          // What was pressed shows by itself; what went away does not.
          { shown: state === null && phase === 'before' },
        );
      },
      confirm(finding, place, state) {
        say('after', finding, place, state, headAnswer('after', finding, place));
      },
      read({ phase = 'before', kind, corner, input, entered = {}, why = '' }) {
        const at: Corner | '' = corner ?? '';
        const head = headOf(sheet.readings, phase, (row) => row.kind === kind && row.corner === at);
        const body = {
          id: newId(),
          phase,
          kind,
          corner: at,
          input,
          entered,
          replaces: head?.id ?? null,
          why,
        };
        post('reading', `${job}/readings`, body, `${readingLabel(kind)} reading ${corner ?? ''}`.trim());
        return { ...body, recordedAt: new Date().toISOString() };
      },
      changeJob(field, value, label) {
        if (JSON.stringify(sheet.job[field]) === JSON.stringify(value)) return;
        outbox.add({
          id: newId(),
          kind: 'job',
          jobId,
          method: 'PATCH',
          path: job,
          body: { changes: { [field]: value }, was: { [field]: sheet.job[field] } },
          label,
        });
      },
      decide: (decided) => post('verdict', `${job}/verdicts`, { id: newId(), decided }, 'Verdict'),
      addWork(work, plan, inVisit) {
        const id = newId();
        outbox.add({
          id,
          kind: 'work',
          jobId,
          method: 'POST',
          path: `${job}/works`,
          body: { id, ...work },
          label: work.title,
          plan,
          ...(inVisit ? { inVisit: inVisit.map((run) => ({ ...run, id: run.id || id })) } : {}),
        });
        return id;
      },
      tick(workId, step, done, { note = '', record = {} } = {}) {
        const body = { id: newId(), step, done, note, record };
        outbox.add({
          id: body.id,
          kind: 'tick',
          jobId,
          method: 'POST',
          path: `/api/works/${workId}/ticks`,
          body,
          label: 'A step',
          workId,
        });
      },
      prove: (hold, how, by) =>
        post('proof', `${job}/proofs`, { id: newId(), hold, how, by }, 'Proof of a hold'),
      sendOut: (drive) => post('proof_drive', `${job}/drives`, { id: newId(), ...drive }, 'Out on proof'),
      addTrial: (trial) =>
        post('trial', `${job}/trials`, { id: newId(), ...trial }, `Trial: ${trial.change}`),
      comeBack(driveId, back) {
        const body = { id: newId(), ...back };
        outbox.add({
          id: body.id,
          kind: 'drive_back',
          jobId,
          method: 'POST',
          path: `/api/drives/${driveId}/back`,
          body,
          label: 'Back from proof',
          driveId,
        });
      },
      refresh,
      replaceSheet,
    };
  }, [sheet, judgement, corner, jobId, refresh, replaceSheet]);

  return <Context value={desk}>{children}</Context>;
}

function timeOf(times: Map<string, string>, id: string): string {
  const known = times.get(id);
  if (known) return known;
  const now = new Date().toISOString();
  times.set(id, now);
  return now;
}

/** The newest judgement to hand; an older one that comes in late is dropped. */
function useJudgement(sheet: JobSheet, first: Judgement, judged: JobSheet): Judgement {
  const [judgement, setJudgement] = useState(first);
  const asked = useRef<JobSheet>(judged);
  useEffect(() => {
    if (asked.current === sheet) return;
    asked.current = sheet;
    judgeAway(sheet).then((answer) => {
      if (asked.current === sheet) setJudgement(answer);
    });
  }, [sheet]);
  return judgement;
}
