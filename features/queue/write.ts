import type { PhotoRow } from '@/core/car/photos';
import type { ChangeTrial } from '@/core/job/changeTrial';
import type { Closing } from '@/core/job/closingSchema';
import type { DriveBack, ProofDrive } from '@/core/job/proofDrive';
import type {
  AnswerRow,
  JobFields,
  JobHead,
  JobSheet,
  ProofRow,
  ReadingRow,
  VerdictRow,
} from '@/core/job/sheet';
import type { ProcedureId } from '@/core/planning/library';
import type { WorkOptions } from '@/core/planning/options';
import type { WorkPlan } from '@/core/planning/plan';
import type { TickRow, WorkRow } from '@/core/planning/run/rows';
import type { Refusal } from '../shell/refusal';

/** How a work is run in a visit. */
export type VisitRun = Pick<WorkRow, 'id' | 'plan' | 'alone' | 'visitAt'>;

/** A work as it is asked for; the server makes its plan. */
export type WorkBody = Pick<WorkRow, 'id' | 'cause' | 'title' | 'before' | 'measuredBy'> & {
  procedure: ProcedureId | 'other';
  corners: WorkPlan['corners'];
  options: WorkOptions;
  /** The work with which it is done in one visit. */
  visit: string | null;
};

/** What is sent of each kind, and the row the server answers with. */
type Kinds = {
  answer: { body: Omit<AnswerRow, 'recordedAt'>; row: AnswerRow };
  reading: { body: Omit<ReadingRow, 'recordedAt' | 'said' | 'unreadable'>; row: ReadingRow };
  verdict: { body: Pick<VerdictRow, 'id' | 'decided'>; row: VerdictRow };
  proof: { body: Pick<ProofRow, 'id' | 'hold' | 'how'> & { by: string }; row: ProofRow };
  proof_drive: { body: Pick<ProofDrive, 'id' | 'driver' | 'conditions' | 'dueOn'>; row: ProofDrive };
  drive_back: { body: Omit<DriveBack, 'at'>; row: ProofDrive; driveId: string };
  trial: { body: Omit<ChangeTrial, 'recordedAt' | 'version'>; row: ChangeTrial };
  /** With the plan as it was shown, and how the works of its visit are run: they stand until the server's own arrive. */
  work: { body: WorkBody; row: WorkRow; plan: WorkPlan; inVisit?: VisitRun[] };
  tick: { body: Omit<TickRow, 'workId' | 'tickedAt'>; row: TickRow; workId: string };
  /** A photograph, as it is kept; one of a car alone is of no job. */
  photo: {
    body: Omit<PhotoRow, 'takenAt' | 'version'> & { jpeg: string };
    row: PhotoRow;
    carId: string;
  };
  /** A form that adds something with an id of its own; the server's row is the page's to fetch. */
  form: {
    body: { id: string } & Record<string, unknown>;
    row: unknown;
    path: string;
    /** The work it is of, where it is of one. */
    workId?: string;
  };
  /** A job that begins on this device: everything else of it waits for that. */
  opening: { body: Pick<JobHead, 'id' | 'carId' | 'complaint' | 'neededAt'>; row: JobSheet };
  /** Its end, over the version its author saw: it waits for everything else of it. */
  closing: { body: Closing & { version: number }; row: JobSheet };
  /** Fields of the job itself, with what its author saw there. */
  job: { body: { changes: Partial<JobFields>; was: Partial<JobFields> }; row: JobHead };
};
export type WriteKind = keyof Kinds;

type Common = {
  id: string;
  /** Empty where it is of no job. */
  jobId: string;
  /** What it is, for the person: "Bearing play FR: excess". */
  label: string;
};

/** Something entered, on its way to the server: one shape a kind. */
export type Entry = { [K in WriteKind]: Common & { kind: K } & Omit<Kinds[K], 'row'> }[WriteKind];

/** What is of the job as a whole, and no row of it. */
type Whole = 'job' | 'opening' | 'closing';

/** An entry that becomes a row of its own, before it is known whose job and under which id. */
export type NewRow = {
  [K in Exclude<WriteKind, Whole>]: Omit<Common, 'id' | 'jobId'> & { kind: K } & Omit<Kinds[K], 'row'>;
}[Exclude<WriteKind, Whole>];

/** Who entered something. */
export type Author = { id: string; name: string };

/** An entry that waits on this device: its place in the order, when and by whom it was made, and why the server took it not. */
export type QueuedWrite = Entry & { order: number; enteredAt: string; by?: Author; refusal?: Refusal };

/** An entry that has landed, with the server's own row. */
export type Landing = {
  [K in WriteKind]: { kind: K; write: Extract<QueuedWrite, { kind: K }>; row: Kinds[K]['row'] };
}[WriteKind];

/** Where a write goes. */
export function addressOf(write: QueuedWrite): { method: 'POST' | 'PATCH'; path: string } {
  const job = `/api/jobs/${write.jobId}`;
  switch (write.kind) {
    case 'job':
      return { method: 'PATCH', path: job };
    case 'photo':
      return { method: 'POST', path: `/api/cars/${write.carId}/photos` };
    case 'form':
      return { method: 'POST', path: write.path };
    case 'opening':
      return { method: 'POST', path: '/api/jobs' };
    case 'closing':
      return { method: 'POST', path: `${job}/close` };
    case 'tick':
      return { method: 'POST', path: `/api/works/${write.workId}/ticks` };
    case 'drive_back':
      return { method: 'POST', path: `/api/drives/${write.driveId}/back` };
    default:
      return { method: 'POST', path: `${job}/${LISTS[write.kind]}` };
  }
}

const LISTS = {
  answer: 'answers',
  reading: 'readings',
  verdict: 'verdicts',
  proof: 'proofs',
  proof_drive: 'drives',
  trial: 'trials',
  work: 'works',
} as const satisfies Partial<Record<WriteKind, string>>;

/** Whether a write says something of an earlier one, and cannot go before it. */
export function buildsOn(write: QueuedWrite, earlier: QueuedWrite): boolean {
  if (earlier.kind === 'opening' && earlier.jobId === write.jobId) return true;
  switch (write.kind) {
    case 'closing':
      return earlier.jobId === write.jobId;
    case 'answer':
    case 'reading':
      return write.body.replaces === earlier.id;
    case 'tick':
    case 'form':
      return write.workId === earlier.id;
    case 'drive_back':
      return write.driveId === earlier.id;
    case 'work':
      return write.body.visit === earlier.id;
    case 'job':
      return earlier.kind === 'job' ? sharesField(write, earlier) : ordersWork(write, earlier);
    default:
      return false;
  }
}

type JobWrite = Extract<QueuedWrite, { kind: 'job' }>;

function sharesField(one: JobWrite, other: JobWrite): boolean {
  return (
    one.jobId === other.jobId && Object.keys(one.body.changes).some((name) => name in other.body.changes)
  );
}

function ordersWork(write: JobWrite, work: QueuedWrite): boolean {
  return write.body.changes.workOrder?.includes(work.id) ?? false;
}

/** A write that built on one which goes under another id now: it follows that. */
export function following<W extends QueuedWrite>(write: W, from: string, to: string): W {
  if ((write.kind === 'answer' || write.kind === 'reading') && write.body.replaces === from)
    return { ...write, body: { ...write.body, replaces: to } };
  return write;
}

/** Whether a write means nothing without another one that is given up: steps of a work, the end of a drive, all of a job that never was. */
export function goesWith(write: QueuedWrite, given: QueuedWrite): boolean {
  if (given.kind === 'opening') return buildsOn(write, given);
  return ['tick', 'drive_back', 'form'].includes(write.kind) && buildsOn(write, given);
}

/** Where forms go that may wait: each adds something, and sent twice it is there once. */
const FORM_PATH =
  /^\/api\/(cars\/[\w-]+\/(events|fills|parts|setups|benches)|shelf(\/[\w-]+\/open)?|works\/[\w-]+\/fluid)$/;

/** Whether what was stored can be sent: another version of the application may have written there. */
export function isWrite(value: unknown): value is QueuedWrite {
  if (typeof value !== 'object' || value === null) return false;
  const { id, jobId, kind, body, order, enteredAt, workId, driveId, carId, path } = value as Record<
    string,
    unknown
  >;
  const isText = (each: unknown) => typeof each === 'string';
  if (![id, jobId, enteredAt].every(isText) || typeof order !== 'number') return false;
  if (typeof body !== 'object' || body === null) return false;
  if (kind === 'tick') return isText(workId);
  if (kind === 'drive_back') return isText(driveId);
  if (kind === 'photo') return isText(carId);
  if (kind === 'form') return isText(path) && FORM_PATH.test(path as string);
  return (
    ['job', 'opening', 'closing'].includes(kind as string) || (isText(kind) && (kind as string) in LISTS)
  );
}
