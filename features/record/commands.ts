import type { Corner, Place } from '@/core/car/corner';
import type { HoldId } from '@/core/diagnosis/holds/holds';
import type { ChangeTrial } from '@/core/job/changeTrial';
import type { DriveBack, ProofDrive } from '@/core/job/proofDrive';
import type { AnswerRow, JobFields, ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import type { WorkPlan } from '@/core/planning/plan';
import type { TickRow } from '@/core/planning/run/rows';
import { readingLabel } from '@/core/readings/measures';
import type { Phase } from '@/core/readings/phase';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { stateWord } from '@/core/readings/vocabulary/words';
import type { NewRow, VisitRun, WorkBody } from '../queue/write';
import { newId } from '../shell/newId';
import type { undo } from '../shell/undo';
import type { JobStore } from './jobStore';

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
export type NewWork = Omit<WorkBody, 'id'>;
type Said = { why?: string; implied?: true };
export type JobCommands = ReturnType<typeof createJobCommands>;

/**
 * What is done to a job: each makes an entry over what stands at that moment, and gives it to the store.
 * @param offer lets the person take back what was just done
 */
export function createJobCommands(store: JobStore, offer: (typeof undo)['offer']) {
  const sheet = () => store.snapshot().sheet;
  const jobId = sheet().job.id;

  /** Queues an entry that goes under the id of its row. */
  const post = (entry: NewRow) => store.add({ ...entry, id: entry.body.id, jobId });

  const headAnswer = (phase: Phase, finding: FindingId, place?: Place) =>
    headOf(sheet().answers, phase, (row) => row.finding === finding && row.place === (place ?? ''));

  function say(
    slot: { phase: Phase; finding: FindingId; place: Place | undefined },
    state: string | null,
    head: Pick<AnswerRow, 'id'> | undefined,
    { why = '', implied }: Said = {},
  ): string {
    const { phase, finding, place } = slot;
    const at: Place | '' = place ?? '';
    const replaces = head?.id ?? null;
    const body = {
      id: newId(),
      phase,
      finding,
      place: at,
      state,
      replaces,
      why,
      ...(implied && { implied }),
    };
    const said = state === null ? 'taken back' : stateWord(finding, state).toLowerCase();
    post({ kind: 'answer', body, label: `${placed(finding, place)}: ${said}` });
    return body.id;
  }

  return {
    /** The state that stands for a question at a place, '' when there is none. */
    stateOf: (phase: Phase, finding: FindingId, place?: Place): string =>
      headAnswer(phase, finding, place)?.state ?? '',

    /** Answers a question, or takes its answer back: null. */
    answer(
      phase: Phase,
      finding: FindingId,
      place: Place | undefined,
      state: string | null,
      said: Said = {},
    ): void {
      const head = headAnswer(phase, finding, place);
      // After the work the same is said anew when work has gone on since, or when only a run had implied it.
      if ((head?.state ?? null) === state && (state === null || phase === 'before')) return;
      const slot = { phase, finding, place };
      const id = say(slot, state, head, said);
      // Taken back at once it leaves no correction in the record.
      const back = () => void say(slot, head?.state ?? null, { id });
      const label = placed(finding, place);
      // What was pressed shows by itself; what went away does not.
      const shown = state === null && phase === 'before';
      offer(state === null ? `Taken back: ${label}` : label, back, { shown });
    },

    /** Says the same again of what stands after the work: asked as such, as the car is now. */
    confirm(finding: FindingId, place: Place | undefined, state: string): void {
      say({ phase: 'after', finding, place }, state, headAnswer('after', finding, place));
    },

    /** Writes a reading down, and gives back its row. */
    read({ phase = 'before', kind, corner, input, entered = {}, why = '' }: NewReading): ReadingRow {
      const at: Corner | '' = corner ?? '';
      const head = headOf(sheet().readings, phase, (row) => row.kind === kind && row.corner === at);
      const replaces = head?.id ?? null;
      const body = { id: newId(), phase, kind, corner: at, input, entered, replaces, why };
      post({ kind: 'reading', body, label: `${readingLabel(kind)} reading ${at}`.trim() });
      return { ...body, recordedAt: new Date().toISOString() };
    },

    /** Changes a field of the job itself. */
    changeJob<F extends keyof JobFields>(field: F, value: JobFields[F], label: string): void {
      const was = sheet().job[field];
      if (JSON.stringify(was) === JSON.stringify(value)) return;
      const body = { changes: { [field]: value }, was: { [field]: was } };
      store.add({ id: newId(), jobId, kind: 'job', body, label });
    },

    /** Takes the verdict down, with the cause that will be worked on. */
    decide: (decided: string | null): void =>
      post({ kind: 'verdict', body: { id: newId(), decided }, label: 'Verdict' }),

    /**
     * Adds a work and gives back its id; the plan shown stands until the server's own arrives.
     * @param inVisit how the works of its visit are run; the new one has no id there yet
     */
    addWork(work: NewWork, plan: WorkPlan, inVisit?: readonly VisitRun[]): string {
      const id = newId();
      const runs = inVisit?.map((run) => ({ ...run, id: run.id || id }));
      post({ kind: 'work', body: { id, ...work }, label: work.title, plan, inVisit: runs });
      return id;
    },

    /** Ticks a step off, or takes the tick back. */
    tick(
      workId: string,
      step: string,
      done: boolean,
      { note = '', record = {} }: { note?: string; record?: TickRecord } = {},
    ): void {
      post({ kind: 'tick', workId, body: { id: newId(), step, done, note, record }, label: 'A step' });
    },

    /** Signs the evidence that ends a hold. */
    prove: (hold: HoldId, how: string, by: string): void =>
      post({ kind: 'proof', body: { id: newId(), hold, how, by }, label: 'Proof of a hold' }),

    /** Sends the car out on proof. */
    sendOut: (drive: Pick<ProofDrive, 'driver' | 'conditions' | 'dueOn'>): void =>
      post({ kind: 'proof_drive', body: { id: newId(), ...drive }, label: 'Out on proof' }),

    /** It is back. */
    comeBack: (driveId: string, back: Omit<DriveBack, 'id' | 'at'>): void =>
      post({ kind: 'drive_back', driveId, body: { id: newId(), ...back }, label: 'Back from proof' }),

    /** Notes a change that was tried over laps. */
    addTrial: (trial: Omit<ChangeTrial, 'id' | 'recordedAt' | 'version'>): void =>
      post({ kind: 'trial', body: { id: newId(), ...trial }, label: `Trial: ${trial.change}` }),

    refresh: store.refresh,
    replaceSheet: store.take,
  };
}

function placed(finding: FindingId, place: Place | undefined): string {
  return `${findingOf(finding).label}${place ? ` ${place}` : ''}`;
}
