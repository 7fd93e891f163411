import { runCalc } from '../../core/exchange/calcs';
import type { ProofDrive } from '../../core/job/proofDrive';
import type { AnswerRow, JobHead, ProofRow, ReadingRow, VerdictRow } from '../../core/job/sheet';
import type { PouredFluid, TickRow, WorkRow } from '../../core/planning/run/rows';
import { CALCS_VERSION } from '../../core/readings/version';
import type { RowOf } from '../db/rows';
import { celsius, kilometres } from '../units';

const iso = (date: Date | null) => date?.toISOString() ?? null;

/** A job's own row, with the causes confirmed at its end. */
export function jobFromRow(row: RowOf<'jobs'>, confirmed: string[]): JobHead {
  return {
    id: row.id,
    number: row.number,
    carId: row.carId,
    complaint: row.complaint,
    whenWhere: row.whenWhere,
    history: row.history,
    helper: row.helper,
    wheelsOff: row.wheelsOff,
    missing: row.missing,
    place: row.place,
    neededAt: iso(row.neededAt),
    summary: row.summary,
    odometerKm: kilometres(row.odometerM),
    workOrder: row.workOrder,
    openedAt: row.openedAt.toISOString(),
    closedAt: iso(row.closedAt),
    closedBy: row.closedBy,
    bedInTold: row.bedInTold,
    outcome: row.outcome,
    confirmed,
    version: row.version,
  };
}

export function answerFromRow(row: RowOf<'findings'>): AnswerRow {
  return {
    id: row.id,
    phase: row.phase,
    finding: row.finding,
    place: row.place,
    state: row.state,
    replaces: row.replaces,
    why: row.why,
    recordedAt: row.recordedAt.toISOString(),
    ...(row.implied ? { implied: true } : {}),
  };
}

/** What a reading's figures are read from, and when and where it was taken. */
export type FiguresRow = Pick<
  RowOf<'readings'>,
  'kind' | 'corner' | 'input' | 'result' | 'calcs' | 'recordedAt'
>;

/**
 * A reading's figures as they read today. What was written under other rules keeps what was said of it then; what
 * today's rules take no more is given as it was written, so that no form and no forecast stumbles over it.
 */
export function figuresFromRow(
  row: Pick<RowOf<'readings'>, 'kind' | 'input' | 'result' | 'calcs'>,
): Pick<ReadingRow, 'input' | 'said' | 'unreadable'> {
  if (row.input === null || row.calcs === CALCS_VERSION) return { input: row.input };
  const said = row.result === null ? {} : { said: row.result };
  return runCalc(row.kind, row.input).ok
    ? { input: row.input, ...said }
    : { input: null, unreadable: row.input, ...said };
}

export function readingFromRow(row: RowOf<'readings'>): ReadingRow {
  return {
    id: row.id,
    phase: row.phase,
    kind: row.kind,
    corner: row.corner,
    ...figuresFromRow(row),
    entered: row.entered,
    replaces: row.replaces,
    why: row.why,
    recordedAt: row.recordedAt.toISOString(),
  };
}

export function verdictFromRow(row: RowOf<'verdicts'>): VerdictRow {
  return {
    id: row.id,
    decided: row.decided,
    leading: row.verdict.leading,
    engine: row.engine,
    knowledge: row.knowledge,
    madeAt: row.madeAt.toISOString(),
  };
}

export function workFromRow(row: RowOf<'works'>, fluid?: RowOf<'work_fluid'>): WorkRow {
  return {
    id: row.id,
    procedure: row.procedure,
    cause: row.cause,
    title: row.title,
    before: row.before,
    measuredBy: row.measuredBy,
    plan: row.plan,
    addedAt: row.addedAt.toISOString(),
    ...(row.visit ? { visit: row.visit } : {}),
    ...(fluid ? { fluid: pouredFromRow(fluid) } : {}),
  };
}

export function pouredFromRow(row: RowOf<'work_fluid'>): PouredFluid {
  return { taken: row.taken, ml: row.ml, pours: row.pours, at: row.recordedAt.toISOString() };
}

export function tickFromRow(row: RowOf<'ticks'>): TickRow {
  return {
    id: row.id,
    workId: row.workId,
    step: row.step,
    done: row.done,
    note: row.note,
    record: row.record,
    tickedAt: row.tickedAt.toISOString(),
  };
}

export function proofFromRow(row: RowOf<'hold_proofs'>): ProofRow {
  return {
    id: row.id,
    hold: row.hold,
    how: row.how,
    provedBy: row.provedBy,
    provedAt: row.provedAt.toISOString(),
    ...(row.byWord ? { byWord: true } : {}),
  };
}

export function proofDriveFromRow(row: RowOf<'proof_drives'>): ProofDrive {
  return {
    id: row.id,
    driver: row.driver,
    conditions: row.conditions,
    dueOn: row.dueOn,
    outAt: row.outAt.toISOString(),
    back:
      row.backId === null || row.backAt === null
        ? null
        : {
            id: row.backId,
            laps: row.laps,
            airC: celsius(row.airK),
            note: row.note,
            at: row.backAt.toISOString(),
          },
  };
}
