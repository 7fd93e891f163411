import type { CautionId } from '../cautions';
import type { WorkPlan } from '../plan';
import type { TickRow, WorkRow } from './rows';
import type { Step, Trouble } from './step';

/** A tick under this name leaves the work undone, with the reason as its note. */
export const LEFT_UNDONE = 'left-undone';

/** A work's plan as it was made when it was added. */
export function planOf(work: Pick<WorkRow, 'plan'>): WorkPlan {
  const plan = work.plan as Partial<WorkPlan>;
  return { corners: [], steps: [], needs: [], warnings: [], tradeOffs: [], ...plan };
}

/** The last tick of each step. */
export function ticksOf(workId: string, ticks: readonly TickRow[]): Map<string, TickRow> {
  return new Map(ticks.filter((tick) => tick.workId === workId).map((tick) => [tick.step, tick]));
}

export type Run = {
  steps: Step[];
  last: Map<string, TickRow>;
  /** Every tick of the work in order, those taken back included. */
  history: TickRow[];
  done: number;
  /** The step in hand, and the trouble open at it. */
  current?: Step;
  trouble?: Trouble;
  /** When the clock of the step in hand was started, if it runs. */
  clockFrom?: string;
  state: 'waiting' | 'under_way' | 'finished' | 'left_undone';
  leftBecause?: string;
  endedAt?: string;
};

/** Where a run stands, from its ticks alone: any device that has them takes it up at the same place. */
export function runOf(work: Pick<WorkRow, 'id' | 'plan'>, ticks: readonly TickRow[]): Run {
  const { steps } = planOf(work);
  const history = ticks.filter((tick) => tick.workId === work.id);
  const last = ticksOf(work.id, history);
  const open = steps.filter((step) => !last.get(step.id)?.done);
  const left = last.get(LEFT_UNDONE);
  const [current] = open;
  const tick = current && last.get(current.id);
  const troubleId = tick?.record.trouble;
  const trouble = current?.troubles?.find((each) => each.id === troubleId);
  const clock = tick?.record.clockFrom;
  const base = { steps, last, history, done: steps.length - open.length };
  if (left?.done) return { ...base, state: 'left_undone', leftBecause: left.note, endedAt: left.tickedAt };
  if (!current)
    return {
      ...base,
      state: 'finished',
      endedAt: steps
        .map((step) => last.get(step.id)!.tickedAt)
        .sort()
        .at(-1),
    };
  return {
    ...base,
    current,
    ...(trouble ? { trouble } : {}),
    ...(typeof clock === 'string' ? { clockFrom: clock } : {}),
    state: last.size === 0 ? 'waiting' : 'under_way',
  };
}

/** When a work was begun: at its first step, one that was taken back among them; to leave it is no beginning. */
export function beganAt({ id }: Pick<WorkRow, 'id'>, ticks: readonly TickRow[]): string | undefined {
  return ticks
    .filter((tick) => tick.workId === id && tick.step !== LEFT_UNDONE)
    .map((tick) => tick.tickedAt)
    .sort()[0];
}

/** Whether a plan's new faces want a bed-in after it, as a work of its own. */
export function wantsBedIn({ bedIn, procedure }: Pick<WorkPlan, 'bedIn' | 'procedure'>): boolean {
  return bedIn !== undefined && procedure !== 'bed_in';
}

/** Whether nothing is left to do at a work. */
export function isOver(run: Run): boolean {
  return run.state === 'finished' || run.state === 'left_undone';
}

/** Steps to take up again from a trouble, the step in hand last. */
export function stepsAgain(steps: readonly Step[], from: string, upTo: string): Step[] {
  const start = steps.findIndex((step) => step.id === from);
  const end = steps.findIndex((step) => step.id === upTo);
  return start < 0 || end < start ? [] : steps.slice(start, end + 1);
}

/** Marks a tick that was taken back by stepping back: what was written down at it is kept. */
export const STEPPED_BACK = 'steppedBack';

/** Marks the ticks of one press. */
export const PRESS = 'press';

/** The steps that stepping back takes up again: those ticked by the last press, in their order. */
export function stepsBack({ steps, last, current }: Pick<Run, 'steps' | 'last' | 'current'>): Step[] {
  const end = current ? steps.indexOf(current) : steps.length;
  const before = steps.slice(0, end).filter((step) => last.get(step.id)?.done);
  const press = last.get(before.at(-1)?.id ?? '')?.record[PRESS];
  return press === undefined
    ? before.slice(-1)
    : before.filter((step) => last.get(step.id)!.record[PRESS] === press);
}

/** Cautions of an injury that is over in a moment: a step with one is passed by itself. */
const ALONE: readonly CautionId[] = [
  'pressure',
  'assist_pressure',
  'compressed_air',
  'spring_loaded',
  'firm_pedal',
];

/** A step that is only done and ticked. */
function isPlain(step: Step): boolean {
  const { ask, record, measure, slowdown, ml, timerS, drives, torque, cautions } = step;
  return (
    !(ask || record || measure || slowdown || ml || drives || torque) &&
    timerS === undefined &&
    !cautions?.some((caution) => ALONE.includes(caution))
  );
}

/**
 * The steps shown together: the one in hand and, while they are only done and ticked, those of its chapter that follow,
 * so that who knows them passes them in one press.
 */
export function stepsInHand(run: Run): Step[] {
  const { current, steps, last } = run;
  if (!current) return [];
  if (!isPlain(current) || run.trouble) return [current];
  const from = steps.indexOf(current);
  const rest = steps.slice(from);
  const end = rest.findIndex((step) => !isPlain(step) || step.part !== current.part);
  return (end < 0 ? rest : rest.slice(0, end)).filter((step) => !last.get(step.id)?.done);
}
