import type { JobSheet } from '@/core/job/sheet';
import type { WorkRow } from '@/core/planning/run/rows';
import type { Landing, QueuedWrite, VisitRun } from '../queue/write';

/** The rows with one added, or put in place of the one with its id. */
function upsert<T extends { id: string }>(rows: readonly T[], row: T): T[] {
  return rows.some((each) => each.id === row.id)
    ? rows.map((each) => (each.id === row.id ? row : each))
    : [...rows, row];
}

/** The works with those of a visit as they are run in it. */
function together(works: readonly WorkRow[], inVisit: readonly VisitRun[] = []): WorkRow[] {
  return works.map((work) => ({ ...work, ...inVisit.find((run) => run.id === work.id) }));
}

/** The sheet as it will be when the write lands; what only the server can work out has to wait for it. */
export function withWrite(sheet: JobSheet, write: QueuedWrite): JobSheet {
  const at = write.enteredAt;
  switch (write.kind) {
    case 'answer':
      return { ...sheet, answers: upsert(sheet.answers, { ...write.body, recordedAt: at }) };
    case 'reading':
      return { ...sheet, readings: upsert(sheet.readings, { ...write.body, recordedAt: at }) };
    case 'tick':
      return { ...sheet, ticks: upsert(sheet.ticks, { ...write.body, workId: write.workId, tickedAt: at }) };
    case 'work': {
      const { visit, corners: _, options: __, ...asked } = write.body;
      const row: WorkRow = { ...asked, visit: visit ?? undefined, plan: write.plan, addedAt: at };
      return { ...sheet, works: together(upsert(sheet.works, row), write.inVisit) };
    }
    case 'proof': {
      const { by: provedBy, ...proof } = write.body;
      return { ...sheet, proofs: upsert(sheet.proofs, { ...proof, provedBy, provedAt: at }) };
    }
    case 'proof_drive':
      return { ...sheet, proofDrives: upsert(sheet.proofDrives, { ...write.body, outAt: at, back: null }) };
    case 'trial':
      return { ...sheet, trials: upsert(sheet.trials, { ...write.body, recordedAt: at, version: 1 }) };
    case 'drive_back': {
      const back = { ...write.body, at };
      const proofDrives = sheet.proofDrives.map((drive) =>
        drive.id === write.driveId ? { ...drive, back } : drive,
      );
      return { ...sheet, proofDrives };
    }
    case 'job':
      return { ...sheet, job: { ...sheet.job, ...write.body.changes } };
    case 'closing': {
      const { outcome, confirmed, by: closedBy, bedInTold = '' } = write.body;
      return { ...sheet, job: { ...sheet.job, outcome, confirmed, closedBy, bedInTold, closedAt: at } };
    }
    case 'opening':
    case 'form':
    case 'photo':
    case 'verdict':
      return sheet;
  }
}

/** The sheet with the server's own row in it. */
export function withLanding(sheet: JobSheet, landing: Landing): JobSheet {
  switch (landing.kind) {
    case 'answer':
      return { ...sheet, answers: upsert(sheet.answers, landing.row) };
    case 'reading':
      return { ...sheet, readings: upsert(sheet.readings, landing.row) };
    case 'tick':
      return { ...sheet, ticks: upsert(sheet.ticks, landing.row) };
    case 'proof':
      return { ...sheet, proofs: upsert(sheet.proofs, landing.row) };
    case 'trial':
      return { ...sheet, trials: upsert(sheet.trials, landing.row) };
    case 'proof_drive':
    case 'drive_back':
      return { ...sheet, proofDrives: upsert(sheet.proofDrives, landing.row) };
    case 'verdict':
      return { ...sheet, verdicts: upsert(sheet.verdicts, landing.row) };
    case 'work':
      return { ...sheet, works: together(upsert(sheet.works, landing.row), landing.write.inVisit) };
    case 'job':
      return { ...sheet, job: landing.row };
    case 'photo':
      return { ...sheet, photos: [landing.row, ...sheet.photos.filter(({ id }) => id !== landing.row.id)] };
    // Not of the sheet: the page that shows it asks for it.
    case 'form':
      return sheet;
    case 'opening':
    case 'closing':
      return landing.row;
  }
}
