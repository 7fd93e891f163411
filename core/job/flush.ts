import { bleedPlan } from '../bleed/plan';
import { type FlushPlan, flushPlan } from '../bleed/procedure';
import type { BleedInput } from '../bleed/schema';
import { FLUID_CLASSES } from '../fluid/classes';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

/** The shop's ways of bleeding, where practitioners disagree. */
export type BleedSchools = {
  bleedOrder: 'furthest_first' | 'nearest_first' | 'diagonal';
  twoBleeders: 'outer_inner_outer' | 'outer_inner';
  reservoirSchool: 'draw_out' | 'push_through';
  bleedMethod: BleedInput['method'];
  bleedPressureKPa: number;
  bottleMl: number;
};

/** What the bleed plan of this job's car starts from: the car where it is known, else the shop's schools. */
export function bleedInputOf(sheet: JobSheet, schools: BleedSchools): BleedInput {
  const { car } = sheet;
  const known = (id: string, state: string) =>
    standingAnswers(sheet.answers, 'before').some((row) => row.finding === id && row.state === state);
  const { front, rear } = car;
  const lines =
    front.lineLeftM !== null &&
    front.lineRightM !== null &&
    rear.lineLeftM !== null &&
    rear.lineRightM !== null
      ? { FL: front.lineLeftM, FR: front.lineRightM, RL: rear.lineLeftM, RR: rear.lineRightM }
      : undefined;
  const ceilingKPa = car.bleedCeilingKPa ?? undefined;
  return {
    ...(car.makerOrder ? { makerOrder: car.makerOrder } : { school: schools.bleedOrder }),
    ...(lines ? { lines } : { masterSide: car.driveSide ?? 'left' }),
    bleeders: { front: front.bleeders, rear: rear.bleeders },
    twoBleeders: schools.twoBleeders,
    opened: known('system_opened', 'yes'),
    softAfterBleed: known('after_full_bleed', 'still_soft'),
    stabilityControl: car.stabilityControl ?? true,
    method: schools.bleedMethod,
    bottleMl: schools.bottleMl,
    ...(schools.bleedMethod === 'pressure'
      ? { pressureKPa: Math.min(schools.bleedPressureKPa, ceilingKPa ?? 200) }
      : {}),
    ...(ceilingKPa === undefined ? {} : { ceilingKPa }),
  };
}

/** The flush plan for this job's car, with the fluid it takes. */
export function flushPlanOf(sheet: JobSheet, schools: BleedSchools): FlushPlan {
  const input = bleedInputOf(sheet, schools);
  const plan = bleedPlan(input);
  const { car } = sheet;
  const warnings = [
    ...plan.warnings,
    ...(car.driveSide === null && input.masterSide
      ? ['Drive side is not on file: the order assumes the master on the left.']
      : []),
    ...(car.stabilityControl === null
      ? ['Stability control is not on file: the plan assumes the car has it.']
      : []),
  ];
  const fluid = car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : 'the class on the cap';
  return flushPlan(input, { ...plan, warnings }, fluid, schools.reservoirSchool);
}
