'use client';

import { useMemo, useState } from 'react';
import type { Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import { beforeFigures } from '@/core/job/beforeFigures';
import { cornersOfCause } from '@/core/job/cornersFor';
import { knownOf } from '@/core/job/known';
import { PROCEDURE_IDS, PROCEDURES, type ProcedureId } from '@/core/planning/library';
import type { WorkOptions } from '@/core/planning/options';
import { planWork, procedureOf, type WorkPlan } from '@/core/planning/plan';
import { fitsCar } from '@/core/planning/procedure';
import { PROCEDURE_FOR } from '@/core/planning/procedureFor';
import type { FigureSlot } from '@/core/planning/run/rows';
import { isOver, runOf } from '@/core/planning/run/run';
import { visitToJoin } from '@/core/planning/visits';
import type { VisitRun } from '../queue/write';
import type { NewWork } from '../record/commands/works';
import { useJob } from '../record/JobProvider';
import { useGo } from '../shell/useGo';
import { forgetKept, useKept } from '../shell/useKept';
import { figuresName } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { bedInAmbient } from './BedInFields';
import { bleedFigures } from './BleedWaysFields';
import { slotLabel, slotWords } from './figureWords';
import { springFigures } from './SpringFields';
import { useCauseInHand } from './useCauseInHand';
import { useWorkPlace } from './WorkPlace';

/** A job of the library, or one that is named by hand. */
export type PlannedJob = ProcedureId | 'other';

export type Chosen = {
  procedure: PlannedJob | null;
  corners: Corner[] | null;
  options: WorkOptions;
  title: string;
  before: string;
  measuredBy: FigureSlot | null;
  /** By itself, where it could be done in one visit with another. */
  apart: boolean;
};

const NOTHING: Chosen = {
  procedure: null,
  corners: null,
  options: {},
  title: '',
  before: '',
  measuredBy: null,
  apart: false,
};

/** A job that the library has: what was kept may be of another version of it. */
export function knownJob(id: string | null): PlannedJob | undefined {
  return id === 'other' ? id : PROCEDURE_IDS.find((each) => each === id);
}

/** A work has no id before it is added. */
const NEW = '';

/** What is being planned: the job for the cause or another, where, measured by what, and the plan that comes of it. */
export function usePlanner(suggested: ProcedureId | undefined) {
  const { sheet } = useJob();
  const cause = useCauseInHand();
  const [chosen, keep, forget] = useKept<Chosen>(`plan.${sheet.job.id}`, NOTHING);
  const [error, setError] = useState<{ field: 'title' | 'touches'; message: string }>();
  const fitting = jobsFor(cause, sheet.car);
  const id = knownJob(chosen.procedure) ?? suggested ?? fitting[0]!;
  const title = chosen.title.trim() || 'The work';
  const procedure = procedureOf({ procedure: id, title, options: chosen.options });
  const corners = chosen.corners ?? cornersOfCause(sheet, cause);
  const plans = usePlans({ procedure: id, title, corners, options: chosen.options });
  const joined = chosen.apart ? undefined : plans.joins;
  const plan = joined?.runs.find((run) => run.id === NEW)?.plan ?? plans.alone;
  const weighed = fitting.some((each) => each === id) ? cause : undefined;
  const figures = beforeFigures(sheet, procedure.measures, corners, weighed);
  const measuredBy = chosen.measuredBy ?? figures[0]?.slot ?? null;
  const words = useSlotWords();
  const before = chosen.before !== '' ? chosen.before : measuredBy ? words(measuredBy) : '';
  const begin = useBegin();
  const change = (next: Chosen) => {
    setError(undefined);
    keep(next);
  };
  return {
    ...{ id, cause, chosen, procedure, plan, joins: plans.joins, figures, measuredBy, before, words, error },
    /** Jobs for the cause, and the one in hand. */
    jobs: [...new Set<PlannedJob>([...fitting, id])],
    pick(next: PlannedJob) {
      forgetTyped(sheet.job.id);
      keep({ ...NOTHING, procedure: next });
    },
    change: (changes: Partial<Chosen>) => change({ ...chosen, ...changes }),
    setOptions: (options: WorkOptions) => change({ ...chosen, options: { ...chosen.options, ...options } }),
    start() {
      const wrong = id === 'other' ? unnamed(chosen) : undefined;
      if (wrong) return setError(wrong);
      const asked = {
        ...{ procedure: id, cause: cause?.id ?? null, measuredBy, before: before.slice(0, 400) },
        ...{ title: titleOf(procedure.label, plan.corners), corners: plan.corners },
        ...{ options: chosen.options, visit: joined?.visit.id ?? null },
      };
      begin(asked, plans.alone, joined?.runs);
      forget();
    },
  };
}
export type PlannerState = ReturnType<typeof usePlanner>;

/** Jobs for a cause; one for what this car does not have is no job for it, unless there is no other. */
function jobsFor(cause: ReturnType<typeof useCauseInHand>, car: CarSpec): readonly ProcedureId[] {
  const possible = cause ? PROCEDURE_FOR[cause.id] : (['flush'] as const);
  const onThisCar = possible.filter((each) => fitsCar(PROCEDURES[each], car));
  return onThisCar.length > 0 ? onThisCar : possible;
}

/** Figures typed for another plan are not those of this one. */
function forgetTyped(jobId: string): void {
  forgetKept(...[bleedFigures, bedInAmbient, springFigures].map((name) => figuresName(name(jobId))));
}

/** Puts a work on the order and goes to its run; in a visit it begins with whichever comes first. */
function useBegin() {
  const { sheet, addWork } = useJob();
  const go = useGo();
  return (asked: NewWork, alone: WorkPlan, runs?: readonly VisitRun[]) => {
    const { job, works, ticks } = sheet;
    const workId = addWork(asked, alone, runs);
    forgetTyped(job.id);
    const isDone = ({ id }: VisitRun) => works.some((work) => work.id === id && isOver(runOf(work, ticks)));
    const first = runs?.find((run) => !isDone(run));
    go(`/job/${job.id}/run/${first?.id || workId}`);
  };
}

/** Work that the library does not have has to be named, and to say what it touches. */
function unnamed({ title, options }: Chosen) {
  if (title.trim() === '') return { field: 'title' as const, message: 'Say what is to be done' };
  if (options.touches === undefined)
    return { field: 'touches' as const, message: 'Say what it touches: the plan goes by it' };
  return undefined;
}

/** The plan by itself, and the visit it could be done in with work that is on the order already. */
function usePlans(asked: { procedure: PlannedJob; title: string; corners: Corner[]; options: WorkOptions }) {
  const { sheet } = useJob();
  const { ways } = useWorkPlace();
  const { procedure, title, corners, options } = asked;
  const alone = useMemo(
    () => planWork(sheet.car, ways, knownOf(sheet), { procedure, title, corners, options }),
    [procedure, title, corners, options, sheet, ways],
  );
  const joins = useMemo(
    () =>
      visitToJoin(sheet.works, sheet.ticks, {
        ...{ id: NEW, procedure, plan: alone },
        addedAt: new Date().toISOString(),
      }),
    [sheet.works, sheet.ticks, procedure, alone],
  );
  return { alone, joins };
}

/** A figure of before, in words. */
function useSlotWords(): (slot: FigureSlot) => string {
  const { sheet, judgement } = useJob();
  const units = useUnits();
  return (slot) => {
    const words = slotWords({ sheet, judgement, units }, slot, 'before');
    return words === undefined ? '' : `${slotLabel(slot)}: ${words}`;
  };
}

/** A job with where it is done. */
export function titleOf(label: string, corners: readonly Corner[]): string {
  return corners.length === 0 || corners.length === 4 ? label : `${label} ${corners.join(' ')}`;
}
