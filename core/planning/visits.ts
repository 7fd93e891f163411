import { AROUND } from './library/around';
import { CALIPER } from './library/caliper';
import { CONVERSION } from './library/conversion';
import { CYLINDERS } from './library/cylinders';
import { DRUMS } from './library/drums';
import { FRICTION } from './library/friction';
import { LINES } from './library/lines';
import { PARKING } from './library/parking';
import { ROTORS } from './library/rotors';
import { WHEEL_END } from './library/wheelEnd';
import type { WorkPlan } from './plan';
import { wasLeft } from './run/mates';
import type { TickRow, WorkRow } from './run/rows';
import { beganAt, isOver, planOf, runOf, ticksOf } from './run/run';
import { makesVisit, opensTheCar, stepsSaved, visitPlans } from './visit';

/** From the hub outwards, as a corner goes together again; a bleed by itself comes last. */
const ORDER = [
  { ...WHEEL_END, ...DRUMS, ...AROUND },
  ROTORS,
  { ...CALIPER, ...CONVERSION, ...PARKING },
  { ...LINES, ...CYLINDERS },
  FRICTION,
];

/** A system that is only bled or filled. */
const FILLS: readonly string[] = ['flush', 'bleed', 'modulator_cycle', 'wrong_fluid', 'level'];

function rankOf({ procedure }: Pick<WorkRow, 'procedure'>): number {
  if (FILLS.includes(procedure)) return ORDER.length + 1;
  const at = ORDER.findIndex((group) => Object.hasOwn(group, procedure));
  return at < 0 ? ORDER.length : at;
}

/** What a visit is put together from. */
type Joining = Pick<WorkRow, 'id' | 'procedure' | 'plan' | 'visit' | 'alone' | 'addedAt'>;

/** The plan of a work as it would be by itself. */
const alonePlan = ({ plan, alone }: Joining) => planOf({ plan: alone ?? plan });

/** The works of one visit in the order they are done; what was left undone is of no visit. */
function matesOf<T extends Joining>(visit: string, works: readonly T[], ticks: readonly TickRow[]): T[] {
  const mates = works.filter((work) => (work.id === visit || work.visit === visit) && !wasLeft(work, ticks));
  const last =
    mates
      .map((work) => work.addedAt)
      .sort()
      .at(-1) ?? '';
  const begun = new Map(
    mates.map((work) => {
      const first = beganAt(work, ticks);
      // Begun before the last of them was added, it keeps its place; the rest go by the order of the work.
      return [work.id, first !== undefined && first < last ? first : 'z'];
    }),
  );
  return [...mates].sort(
    (left, right) =>
      begun.get(left.id)!.localeCompare(begun.get(right.id)!) ||
      rankOf(left) - rankOf(right) ||
      left.addedAt.localeCompare(right.addedAt) ||
      left.id.localeCompare(right.id),
  );
}

/**
 * The works of a job with their plans as they are run: those of one visit share what they share. A work that is left
 * undone gives the others their own steps back.
 * @param works as they are on file, or settled before
 */
export function settleVisits(works: readonly WorkRow[], ticks: readonly TickRow[]): WorkRow[] {
  if (!works.some((work) => work.visit)) return [...works];
  const settled = new Map<string, WorkRow>();
  for (const visit of new Set(works.flatMap((work) => work.visit ?? []))) {
    const mates = matesOf(visit, works, ticks);
    if (mates.length < 2) continue;
    const plans = visitPlans(mates.map(alonePlan));
    for (const [index, mate] of mates.entries())
      settled.set(mate.id, { ...mate, plan: plans[index], alone: alonePlan(mate), visitAt: index });
  }
  return works.map((work) => {
    const { alone, visitAt: _, ...row } = work;
    return settled.get(work.id) ?? (alone === undefined ? work : { ...row, plan: alone });
  });
}

/** A visit that a new work can be part of: the work it is called by, how each is run in it, the steps it saves. */
export type Joined = { visit: WorkRow; runs: Run[]; saves: number };
type Run = Required<Pick<WorkRow, 'id' | 'visitAt'>> & { plan: WorkPlan; alone: WorkPlan };

/**
 * The visit a new work can be part of: one that is not over, has not begun to close the car, and shares something.
 * @param added the new work with its plan by itself
 */
export function visitToJoin(
  works: readonly WorkRow[],
  ticks: readonly TickRow[],
  added: Joining,
): Joined | undefined {
  const visit = works.find((work) => !work.visit && canJoin(work.id, works, ticks, added));
  if (!visit) return undefined;
  const mates = matesOf<Joining>(visit.id, [...works, { ...added, visit: visit.id }], ticks);
  const alone = mates.map(alonePlan);
  const runs = visitPlans(alone).map((plan, at) => ({
    id: mates[at]!.id,
    plan,
    alone: alone[at]!,
    visitAt: at,
  }));
  return { visit, runs, saves: stepsSaved(alone) };
}

/** Whether a work can still be part of a visit. */
export function canJoin(
  visit: string,
  works: readonly WorkRow[],
  ticks: readonly TickRow[],
  added: Joining,
): boolean {
  const mates = matesOf(visit, works, ticks);
  if (mates.length === 0 || mates.every((mate) => isOver(runOf(mate, ticks)))) return false;
  if (mates.some((mate) => closes(mate, ticks))) return false;
  const together = matesOf<Joining>(visit, [...works, { ...added, visit }], ticks);
  const alone = together.map(alonePlan);
  if (!makesVisit(alone)) return false;
  // What was done already stays with the work it was done for: a caliper that is back on is not taken as off.
  const plans = visitPlans(alone);
  return together.every((mate, index) => {
    const own = new Set(plans[index]!.steps.map((step) => step.id));
    return [...ticksOf(mate.id, ticks).values()].every((tick) => !tick.done || own.has(tick.step));
  });
}

/** Whether a work has begun to close the car, or is a bleed under way: nothing can be slipped in before that. */
function closes(work: WorkRow, ticks: readonly TickRow[]): boolean {
  const { last } = runOf(work, ticks);
  const begun = [...last.values()].some((tick) => tick.done);
  if (begun && FILLS.includes(work.procedure)) return true;
  return planOf(work).steps.some((step) => last.get(step.id)?.done && !opensTheCar(step));
}
