import type { Row } from 'postgres';
import { runCalc } from '../../core/exchange/calcs';
import type { ProofDrive } from '../../core/job/proofDrive';
import type { AnswerRow, JobHead, ProofRow, ReadingRow, VerdictRow } from '../../core/job/sheet';
import type { PouredFluid, TickRow, WorkRow } from '../../core/planning/run/rows';
import type { CalcResult } from '../../core/readings/calc';
import { CALCS_VERSION } from '../../core/readings/version';
import { celsius, kilometres } from '../units';

const iso = (date: Date | null) => date?.toISOString() ?? null;

/** A job's own row, with the causes confirmed at its end. */
export function jobFromRow(row: Row, confirmed: string[]): JobHead {
  return {
    id: row.id,
    number: row.number,
    carId: row.car_id,
    complaint: row.complaint,
    whenWhere: row.when_where,
    history: row.history,
    helper: row.helper,
    wheelsOff: row.wheels_off,
    missing: row.missing,
    place: row.place,
    neededAt: iso(row.needed_at),
    summary: row.summary,
    odometerKm: kilometres(row.odometer_m),
    workOrder: row.work_order,
    openedAt: row.opened_at.toISOString(),
    closedAt: iso(row.closed_at),
    closedBy: row.closed_by,
    bedInTold: row.bed_in_told,
    outcome: row.outcome,
    confirmed,
    version: row.version,
  };
}

export function answerFromRow(row: Row): AnswerRow {
  return {
    id: row.id,
    phase: row.phase,
    finding: row.finding,
    place: row.place,
    state: row.state,
    replaces: row.replaces,
    why: row.why,
    recordedAt: row.recorded_at.toISOString(),
    ...(row.implied ? { implied: true } : {}),
  };
}

/**
 * A reading's figures as they read today. What was written under other rules keeps what was said of it then; what
 * today's rules take no more is given as it was written, so that no form and no forecast stumbles over it.
 */
export function figuresFromRow(row: Row): Pick<ReadingRow, 'input' | 'said' | 'unreadable'> {
  if (row.input === null || row.calcs === CALCS_VERSION) return { input: row.input };
  const said = row.result === null ? {} : { said: row.result as CalcResult };
  return runCalc(row.kind, row.input).ok
    ? { input: row.input, ...said }
    : { input: null, unreadable: row.input, ...said };
}

export function readingFromRow(row: Row): ReadingRow {
  return {
    id: row.id,
    phase: row.phase,
    kind: row.kind,
    corner: row.corner,
    ...figuresFromRow(row),
    entered: row.entered,
    replaces: row.replaces,
    why: row.why,
    recordedAt: row.recorded_at.toISOString(),
  };
}

export function verdictFromRow(row: Row): VerdictRow {
  return {
    id: row.id,
    decided: row.decided,
    leading: row.verdict.leading,
    engine: row.engine,
    knowledge: row.knowledge,
    madeAt: row.made_at.toISOString(),
  };
}

export function workFromRow(row: Row, fluid?: Row): WorkRow {
  return {
    id: row.id,
    procedure: row.procedure,
    cause: row.cause,
    title: row.title,
    before: row.before,
    measuredBy: row.measured_by,
    plan: row.plan,
    addedAt: row.added_at.toISOString(),
    ...(row.visit ? { visit: row.visit } : {}),
    ...(fluid ? { fluid: pouredFromRow(fluid) } : {}),
  };
}

export function pouredFromRow(row: Row): PouredFluid {
  return { taken: row.taken, ml: row.ml, pours: row.pours, at: row.recorded_at.toISOString() };
}

export function tickFromRow(row: Row): TickRow {
  return {
    id: row.id,
    workId: row.work_id,
    step: row.step,
    done: row.done,
    note: row.note,
    record: row.record,
    tickedAt: row.ticked_at.toISOString(),
  };
}

export function proofFromRow(row: Row): ProofRow {
  return {
    id: row.id,
    hold: row.hold,
    how: row.how,
    provedBy: row.proved_by,
    provedAt: row.proved_at.toISOString(),
    ...(row.by_word ? { byWord: true } : {}),
  };
}

export function proofDriveFromRow(row: Row): ProofDrive {
  return {
    id: row.id,
    driver: row.driver,
    conditions: row.conditions,
    dueOn: row.due_on,
    outAt: row.out_at.toISOString(),
    back:
      row.back_id === null
        ? null
        : {
            id: row.back_id,
            laps: row.laps,
            airC: celsius(row.air_k),
            note: row.note,
            at: row.back_at.toISOString(),
          },
  };
}
