import { dayIn } from '../base/day';
import { FLUID_CLASSES } from '../car/fluidClasses';
import type { FluidFill } from '../planning/fill/fill';
import { planOf, runOf } from '../planning/run/run';
import type { JobSheet } from './sheet';

/** Jobs after which the car holds new fluid throughout. */
const FILLS = ['flush', 'wrong_fluid'];

/**
 * The fill that a job's finished flush made, as far as it is known: the product it was poured from most, with its pair
 * where the lot has one. What was already in the car says its pair where the class is the same. Undefined where nothing
 * was flushed.
 */
export function fillOffered(
  { car, job, works, ticks }: Pick<JobSheet, 'car' | 'job' | 'works' | 'ticks'>,
  { timeZone, today }: { timeZone: string; today: string },
): FluidFill | undefined {
  const flush = works.findLast(
    (work) =>
      FILLS.includes(planOf(work).procedure ?? work.procedure) && runOf(work, ticks).state === 'finished',
  );
  if (!flush) return undefined;
  const pours = flush.fluid?.taken ? flush.fluid.pours : [];
  const pour = pours.reduce<(typeof pours)[number] | undefined>(
    (most, each) => (most && most.ml >= each.ml ? most : each),
    undefined,
  );
  const fluidClass = pour?.of?.fluidClass ?? car.fluidClass ?? 'DOT4';
  const own = pour?.of?.dryC == null && fluidClass === car.fluidClass;
  return {
    filledOn: today,
    product: pour?.what ?? `${FLUID_CLASSES[fluidClass].label} brake fluid`,
    batch: pour?.batch ?? '',
    fluidClass,
    dryC: own ? car.fluidDryC : (pour?.of?.dryC ?? null),
    wetC: own ? car.fluidWetC : (pour?.of?.wetC ?? null),
    colour: pour?.of?.colour ?? '',
    odometerKm: job.odometerKm,
    lotId: pour?.lot ?? null,
    lotOpenedOn: pour?.of?.openedAt
      ? dayIn(timeZone, new Date(pour.of.openedAt))
      : pour && pour.bottles > 0
        ? today
        : null,
  };
}
