import { AXLES, axleOf, CORNERS, type Corner } from '../car/corner';
import { bleedPlan } from './bleed/plan';
import type { BleedInput } from './bleed/schema';
import { levelled, PROP, wheelsOn } from './library/car';
import { serviceOutBeforePedal } from './library/service';
import { leakLookBeforeWheels, stepsOfBleed, type WorkPlan } from './plan';
import type { Part, Step } from './run/step';

/**
 * Several works in one visit: the car is apart once, bled once, proved once. Each work keeps its own run, cause and
 * figures. What is taken off for several is taken off by the first that needs it; what goes back, the bleed, the wheels
 * and the proof come with the last.
 */

/** Chapters that close the car again, the bleed first. */
const CLOSING: readonly Part[] = ['Pressure', 'Corner', 'Modulator', 'Back together', 'Finish', 'Proof'];

/** Whether a step belongs to taking apart and fitting. */
export const opensTheCar = (step: Step) => !CLOSING.includes(step.part);

/** A caliper put back, however it is said, and the reading of a part as it was fitted are done once. */
function same(left: Step, right: Step): boolean {
  if (left.id.startsWith('back-')) return left.id === right.id;
  if (left.measure?.phase === 'after' && right.measure?.phase === 'after')
    return (
      left.part === right.part &&
      left.measure.measure === right.measure.measure &&
      left.measure.corner === right.measure.corner &&
      left.measure.fitted === right.measure.fitted
    );
  return left.id === right.id && left.title === right.title && left.how === right.how;
}

/**
 * The plans of the works of one visit as they are run, in the same order: the steps they share done once.
 * @param alone the plan of each by itself, in the order they are done
 */
export function visitPlans(alone: readonly WorkPlan[]): WorkPlan[] {
  if (alone.length < 2) return [...alone];
  const bleed = oneBleed(alone);
  const bled = bleed ? stepsOfBleed(bleed, { carIsUp: true, propped: isPropped(alone) }) : [];
  const [kit, rest] = [bled.filter(isKit), bled.filter((step) => !isKit(step))];
  const own = alone.map(besideBleed);
  const opening = cooledFirst(own.map((steps, index) => openingOf(steps, own, index)));
  opening[0] = withKit(opening[0]!, kit);
  return alone.map((plan, index) =>
    index < alone.length - 1
      ? asOneOf(plan, opening[index]!)
      : asLastOf(alone, [...opening[index]!, ...closingOf(alone, rest)], bleed),
  );
}

/** A work of a visit that others follow: neither its bleed nor what that takes is its own. */
function asOneOf({ bleed, ...plan }: WorkPlan, steps: Step[]): WorkPlan {
  return {
    ...plan,
    steps,
    needs: plan.needs.filter((need) => need.kind !== 'fluid'),
    warnings: plan.warnings.filter((each) => !bleed?.plan.warnings.includes(each)),
  };
}

/** The work that closes a visit: with the one bleed, its fluid, and what was to be said of any of them. */
function asLastOf(alone: readonly WorkPlan[], steps: Step[], bleed: Bleed | undefined): WorkPlan {
  const { bleed: _, ...plan } = alone.at(-1)!;
  const fluid = alone.flatMap((each) => each.needs).find((need) => need.kind === 'fluid');
  return {
    ...plan,
    steps: serviceOutBeforePedal(leakLookBeforeWheels(steps)),
    needs: [
      ...(fluid && bleed ? [{ ...fluid, quantity: bleed.plan.bottles }] : []),
      ...plan.needs.filter((need) => need.kind !== 'fluid'),
    ],
    warnings: [...new Set(alone.flatMap((each) => each.warnings))],
    ...(bleed ? { bleed } : {}),
  };
}

const isKit = (step: Step) => step.id === 'kit';

const isPropped = (alone: readonly WorkPlan[]) =>
  alone.some((plan) => plan.steps.some((step) => step.id === PROP));

/** How many steps a visit saves over the same works one after another. */
export function stepsSaved(alone: readonly WorkPlan[]): number {
  const count = (plans: readonly WorkPlan[]) => plans.reduce((sum, plan) => sum + plan.steps.length, 0);
  return count(alone) - count(visitPlans(alone));
}

/** Whether works can be one visit: each has something of its own to do, and none of them is a drive. */
export function makesVisit(alone: readonly WorkPlan[]): boolean {
  const drives = alone.some((plan) => plan.steps.some((step) => step.drives && opensTheCar(step)));
  // What older plans do not say of their bleed cannot be put together.
  const unknown = alone.some((plan) => plan.bleed && !plan.bleed.ways);
  if (drives || unknown) return false;
  const lifts = alone.filter((plan) => plan.steps.some((step) => step.id === 'lift')).length;
  const bleeds = alone.filter((plan) => plan.bleed).length;
  return (
    (lifts > 1 || bleeds > 1) &&
    visitPlans(alone).every((plan) => plan.steps.some((step) => opensTheCar(step)))
  );
}

/** What one work does before the car is closed: what others have not done before it, and none does again after. */
function openingOf(steps: readonly Step[], own: readonly Step[][], index: number): Step[] {
  return steps.filter(opensTheCar).filter((step) => {
    // Taken off by the first that needs it; put in and back by the last.
    const others = step.part === 'Fit' ? own.slice(index + 1) : own.slice(0, index);
    return !others.some((each) => each.some((other) => same(step, other)));
  });
}

/** Nobody's hands go to hot parts because a later work was the one to say so. */
function cooledFirst(opening: readonly Step[][]): Step[][] {
  const cool = opening.flat().find((step) => step.id === 'cool');
  if (!cool) return [...opening];
  return opening.map((steps, index) => {
    const others = steps.filter((step) => step.id !== 'cool');
    if (index > 0) return others;
    return [cool, ...others];
  });
}

/** The kit laid out before the first of them opens anything. */
function withKit(steps: readonly Step[], kit: readonly Step[]): Step[] {
  const at = steps.findIndex(({ part }) => part !== 'Before');
  return at < 0 ? [...steps, ...kit] : [...steps.slice(0, at), ...kit, ...steps.slice(at)];
}

/** The end of a visit: own steps that close up, the bleed, wheels, what is finished, the proof, the road. */
function closingOf(alone: readonly WorkPlan[], bled: readonly Step[]): Step[] {
  const own = alone.flatMap((plan) => {
    const road = plan.steps.findIndex((step) => step.drives);
    const after = new Set(road < 0 ? [] : plan.steps.slice(road + 1));
    return besideBleed(plan)
      .filter((step) => !opensTheCar(step))
      .map((step) => ({ step, last: after.has(step) }));
  });
  const corners = cornersOfWheels(alone);
  const seen = new Set(bled.map((step) => step.id));
  const once = own.filter(({ step }) => step.id !== 'wheels' && !seen.has(step.id) && seen.add(step.id));
  const of = (keep: (step: Step) => boolean, last = false) =>
    once.filter((each) => each.last === last && keep(each.step)).map(({ step }) => step);
  const isPedal = (step: Step) => step.id === 'firm' || step.id === 'hold';
  // A bleed sets the level and sees to what was drawn off.
  const [, away] = levelled;
  const finished = (step: Step) => step.part === 'Finish' && !(bled.length > 0 && same(step, away!));
  return [
    ...of((step) => step.part === 'Back together'),
    ...bled.filter((step) => step.id !== 'wheels'),
    ...(corners.length > 0 ? [wheelsOn(corners)] : []),
    ...of(finished),
    ...of((step) => step.part === 'Proof' && !isPedal(step) && !step.drives),
    ...of(isPedal),
    ...of((step) => step.part === 'Proof' && step.drives === true),
    ...of(() => true, true),
  ];
}

/** Where wheels come off in a visit. */
function cornersOfWheels(alone: readonly WorkPlan[]): Corner[] {
  const off = alone
    .filter((plan) => plan.steps.some((step) => step.id === 'wheels'))
    .flatMap((plan) => [...plan.corners, ...(plan.bleed?.plan.order.map((row) => row.corner) ?? [])]);
  return CORNERS.filter((corner) => off.includes(corner));
}

type Bleed = NonNullable<WorkPlan['bleed']>;

/** The one bleed of a visit: every corner that any of them would have bled, by the ways of the last. */
function oneBleed(alone: readonly WorkPlan[]): Bleed | undefined {
  const bleeds = alone.flatMap((plan) => (plan.bleed ? [plan.bleed] : []));
  const last = bleeds.at(-1);
  if (!last || bleeds.length === 1) return last;
  const { corners: _, share: __, ...rest } = last.input;
  const corners = unionOf(bleeds.map(({ input }) => input.corners));
  const share = Math.max(...bleeds.map(({ input }) => input.share ?? 1));
  const input: BleedInput = {
    ...rest,
    ...(corners ? { corners } : {}),
    // As much as the one that needs most.
    ...(share === 1 ? {} : { share }),
    opened: bleeds.some((each) => each.input.opened),
    softAfterBleed: bleeds.some((each) => each.input.softAfterBleed === true),
  };
  const plan = bleedPlan(input);
  const purposes = bleeds.map((each) => each.ways!.purpose);
  // Old fluid drawn out first does no harm to a system that was opened.
  const purpose = (['modulator', 'flush', 'opened'] as const).find((each) => purposes.includes(each))!;
  return {
    ...last,
    input,
    plan,
    supplyMl: plan.bottles * input.bottleMl,
    ways: { ...last.ways!, purpose },
  };
}

/** All corners where any bleed is of the whole car. */
function unionOf(parts: readonly (readonly Corner[] | undefined)[]): Corner[] | undefined {
  if (parts.some((part) => part === undefined)) return undefined;
  const union = CORNERS.filter((corner) => parts.some((part) => part!.includes(corner)));
  return AXLES.every((axle) => union.filter((corner) => axleOf(corner) === axle).length === 2)
    ? undefined
    : union;
}

/** The steps of a plan that are not its bleed's; the wheels are everybody's. */
function besideBleed({ bleed, steps }: WorkPlan): Step[] {
  if (!bleed) return steps;
  const bled = new Set(stepsOfBleed(bleed, { carIsUp: true, propped: true }).map((step) => step.id));
  return steps.filter((step) => step.id === 'wheels' || !bled.has(step.id));
}
