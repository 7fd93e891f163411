import type { JobSheet } from '@/core/job/sheet';
import type { WorkRow } from '@/core/planning/run/rows';
import type { Parcel } from '../../shell/outbox';

/** The sheet with a row added, or put in place of the one with its id. */
function upsert<T extends { id: string }>(rows: readonly T[], row: T): T[] {
  return rows.some((each) => each.id === row.id)
    ? rows.map((each) => (each.id === row.id ? row : each))
    : [...rows, row];
}

/** How a work is run in a visit. */
export type VisitRun = Pick<WorkRow, 'id' | 'plan' | 'alone' | 'visitAt'>;

/** The works with those of a visit as they are run in it. */
function together(works: readonly WorkRow[], inVisit: unknown): WorkRow[] {
  const runs = (inVisit ?? []) as readonly VisitRun[];
  return works.map((work) => ({ ...work, ...runs.find((run) => run.id === work.id) }));
}

/** The sheet as it will be when the parcel lands; what only the server can work out has to wait for it. */
export function applyParcel(
  sheet: JobSheet,
  { kind, body, workId, driveId, plan, inVisit }: Parcel,
  now: string,
): JobSheet {
  const row = body as never as Record<string, never> & { id: string };
  switch (kind) {
    case 'answer':
      return { ...sheet, answers: upsert(sheet.answers, { ...row, recordedAt: now } as never) };
    case 'reading':
      return { ...sheet, readings: upsert(sheet.readings, { ...row, recordedAt: now } as never) };
    case 'tick':
      return { ...sheet, ticks: upsert(sheet.ticks, { ...row, workId, tickedAt: now } as never) };
    case 'work':
      return {
        ...sheet,
        works: together(
          upsert(sheet.works, { ...row, visit: body.visit ?? undefined, plan, addedAt: now } as never),
          inVisit,
        ),
      };
    case 'proof':
      return {
        ...sheet,
        proofs: upsert(sheet.proofs, {
          id: row.id,
          hold: row.hold,
          how: row.how,
          provedBy: row.by,
          provedAt: now,
        } as never),
      };
    case 'proof_drive':
      return {
        ...sheet,
        proofDrives: upsert(sheet.proofDrives, { ...row, outAt: now, back: null } as never),
      };
    case 'trial':
      return {
        ...sheet,
        trials: upsert(sheet.trials, { ...row, recordedAt: now, version: 1 } as never),
      };
    case 'drive_back':
      return {
        ...sheet,
        proofDrives: sheet.proofDrives.map((drive) =>
          drive.id === driveId ? { ...drive, back: { ...row, at: now } as never } : drive,
        ),
      };
    case 'job':
      return { ...sheet, job: { ...sheet.job, ...(body.changes as object) } };
    default:
      return sheet;
  }
}

/** The sheet with the server's own row in it. */
export function applyAnswer(
  sheet: JobSheet,
  { kind, inVisit }: Pick<Parcel, 'kind' | 'inVisit'>,
  answer: unknown,
): JobSheet {
  const row = answer as never;
  switch (kind) {
    case 'answer':
      return { ...sheet, answers: upsert(sheet.answers, row) };
    case 'reading':
      return { ...sheet, readings: upsert(sheet.readings, row) };
    case 'tick':
      return { ...sheet, ticks: upsert(sheet.ticks, row) };
    case 'proof':
      return { ...sheet, proofs: upsert(sheet.proofs, row) };
    case 'trial':
      return { ...sheet, trials: upsert(sheet.trials, row) };
    case 'proof_drive':
    case 'drive_back':
      return { ...sheet, proofDrives: upsert(sheet.proofDrives, row) };
    case 'verdict':
      return { ...sheet, verdicts: upsert(sheet.verdicts, row) };
    case 'work':
      return { ...sheet, works: together(upsert(sheet.works, row), inVisit) };
    case 'job':
      return { ...sheet, job: row };
  }
}
