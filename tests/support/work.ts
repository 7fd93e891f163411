import { knownOf } from '../../core/job/known';
import type { JobSheet } from '../../core/job/sheet';
import type { ProcedureId } from '../../core/planning/library';
import type { WorkOptions } from '../../core/planning/options';
import { planWork } from '../../core/planning/plan';
import { passingRecord } from '../../core/planning/run/passing';
import type { TickRow, WorkRow } from '../../core/planning/run/rows';
import { planOf } from '../../core/planning/run/run';
import type { Ways } from '../../core/planning/ways';
import { at } from './sheet';

/** A shop's ways, as a new one has them. */
export const WAYS: Ways = {
  bleedOrder: 'furthest_first',
  twoBleeders: 'outer_inner_outer',
  reservoirSchool: 'draw_out',
  strainerSchool: 'lift_out',
  bleedMethod: 'pressure',
  potSchool: 'fluid',
  bleedPressureKPa: 103,
  bottleMl: 500,
  catchMl: 500,
  bedInSchool: 'A',
};

type Asked = { ways?: Partial<Ways>; corners?: WorkRow['id'][]; options?: WorkOptions };

/** A plan of the library for a sheet's car. */
export function planFor(sheet: JobSheet, procedure: ProcedureId, asked: Asked = {}) {
  return planWork(sheet.car, { ...WAYS, ...asked.ways }, knownOf(sheet), {
    procedure,
    corners: (asked.corners ?? []) as never,
    options: asked.options ?? {},
  });
}

/** A work on a sheet. */
export function workRow(
  sheet: JobSheet,
  procedure: ProcedureId = 'flush',
  changes: Partial<WorkRow> = {},
): WorkRow {
  return {
    id: 'w',
    procedure,
    cause: null,
    title: 'The work',
    before: '',
    measuredBy: null,
    plan: planFor(sheet, procedure),
    addedAt: at(20),
    ...changes,
  };
}

/** A tick of a step, done unless it says otherwise. */
export function tickRow(workId: string, step: string, changes: Partial<TickRow> = {}): TickRow {
  return {
    id: `${workId} ${step} ${changes.tickedAt ?? ''}`,
    workId,
    step,
    done: true,
    note: '',
    record: {},
    tickedAt: at(21),
    ...changes,
  };
}

/** Every step of a work ticked, each check with its good answer. */
export function tickAll(work: WorkRow, minute = 21): TickRow[] {
  return planOf(work).steps.map((step) =>
    tickRow(work.id, step.id, { tickedAt: at(minute), record: passingRecord(step) }),
  );
}
