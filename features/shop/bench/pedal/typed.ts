import type { BaseUnit } from '@/core/base/units/display';
import { axleOf, byCorner, CORNERS, type Corner } from '@/core/car/corner';
import { sideAreaMm2 } from '@/core/car/hydraulics/bore';
import type { ShopLimits } from '@/core/car/limits/catalogue';
import { firmness as firmnessReading } from '@/core/readings/pedal/firmnessReading';
import type { FirmnessInput } from '@/core/readings/pedal/firmnessSchema';
import { PEDAL_RANGES } from '@/core/readings/pedal/ranges';
import { HOSES } from '@/core/readings/pedal/travel';
import type { TravelInput } from '@/core/readings/pedal/travelSchema';
import { type FigureReader, figureReader } from '../../../shell/figureReader';
import type { Units } from '../../../shell/units';
import { pistonsTyped, readPistons } from '../pistons';

/** One row of the pedal's table: a force, and the travel at it now, at the third press, and when it was good. */
export type PressRow = { force: string; first: string; third: string; good: string };

export type PedalTyped = {
  bore: string;
  ratio: string;
  freePlay: string;
  floor: string;
  presses: PressRow[];
  frontPistons: string;
  frontOpposed: boolean;
  rearPistons: string;
  rearOpposed: boolean;
  gaps: Record<Corner, string>;
  hoses: string;
  hoseKind: keyof typeof HOSES;
  fluid: string;
  /** Its bulk modulus, MPa; empty is the model's. */
  bulk: string;
  gas: string;
  master: string;
};

/** What each figure stands in, wherever it is in the form. */
const BASES: Readonly<Record<string, BaseUnit | readonly [BaseUnit]>> = {
  bore: 'mm',
  frontPistons: ['mm'],
  rearPistons: ['mm'],
  freePlay: 'mm',
  floor: 'mm',
  first: 'mm',
  third: 'mm',
  good: 'mm',
  hoses: 'm',
  master: 'mm',
};
export const pedalBase = (...path: string[]) => (path[0] === 'gaps' ? 'mm' : BASES[path.at(-1)!]);

const ROWS = ['50', '150', '300', '450'];

/** What a car brings to the bench; what is not known of it is that of an ordinary one. */
export type PedalStart = {
  boreMm?: number;
  ratio?: number;
  front?: { pistonsMm: readonly number[]; opposed: boolean };
  rear?: { pistonsMm: readonly number[]; opposed: boolean };
  /** Its pedal as it was last read under a scale, and its good one. */
  points?: FirmnessInput['points'];
  good?: FirmnessInput['points'];
  toFloorMm?: number;
  /** What opens at its pads by its last readings, mm a side. */
  gapsMm?: Partial<Record<Corner, number>>;
};

/** The bench before anything is typed, in the units shown. */
export function pedalStart(own: PedalStart, units: Units): PedalTyped {
  const front = own.front ?? { pistonsMm: [40, 40, 40, 40], opposed: true };
  const rear = own.rear ?? { pistonsMm: [38], opposed: false };
  return {
    bore: units.asTyped(own.boreMm ?? 22.2, 'mm'),
    ratio: String(own.ratio ?? 5.5),
    freePlay: '',
    floor: own.toFloorMm === undefined ? '' : units.asTyped(own.toFloorMm, 'mm'),
    presses: pressesOf(own, units),
    frontPistons: pistonsTyped(front.pistonsMm, units),
    frontOpposed: front.opposed,
    rearPistons: pistonsTyped(rear.pistonsMm, units),
    rearOpposed: rear.opposed,
    gaps: byCorner((corner) => {
      const gapMm = own.gapsMm?.[corner];
      return gapMm ? units.show(gapMm, 'mm', 2) : '';
    }),
    hoses: '',
    hoseKind: 'regular',
    bulk: '',
    fluid: '',
    gas: '',
    master: '',
  };
}

/** A row for each force that was pressed with, now or when it was good; plain ones where nothing was read. */
function pressesOf({ points = [], good = [] }: PedalStart, units: Units): PressRow[] {
  const forces = [...new Set([...points, ...good].map(({ forceN }) => forceN))].sort(
    (one, other) => one - other,
  );
  if (forces.length === 0) return ROWS.map((force) => ({ force, first: '', third: '', good: '' }));
  const at = (all: FirmnessInput['points'], forceN: number, press: number) => {
    const found = all.find((point) => point.forceN === forceN && (point.press ?? 1) === press);
    return found ? units.asTyped(found.travelMm, 'mm') : '';
  };
  return forces.map((forceN) => ({
    force: String(forceN),
    first: at(points, forceN, 1),
    third: at(points, forceN, 3),
    good: at(good, forceN, 1),
  }));
}

export type Read = {
  /** The pedal and its master, where both are known. */
  car?: { pedal: { ratio: number }; master: { boreMm: number } };
  firmness?: FirmnessInput;
  travel?: Omit<TravelInput, 'pressureMPa'>;
  toFloorMm?: number;
  /** What is wrong with a field, by its name. */
  wrong: Record<string, string>;
};

/** What was typed on the pedal's bench as the inputs of its sums, and what of it cannot be one. */
export function readPedalBench(typed: PedalTyped, units: Units, limits: ShopLimits = {}): Read {
  const reader = figureReader(units, PEDAL_RANGES);
  const { wrong, figure } = reader;
  const boreMm = figure('bore', typed.bore, 'boreMm', 'mm');
  const ratio = figure('ratio', typed.ratio, 'ratio', '');
  const toFloorMm = figure('floor', typed.floor, 'toFloorMm', 'mm');
  const rows = typed.presses.map((row, at) => ({
    forceN: figure(`force.${at}`, row.force, 'forceN', 'N'),
    first: figure(`first.${at}`, row.first, 'travelMm', 'mm'),
    third: figure(`third.${at}`, row.third, 'travelMm', 'mm'),
    good: figure(`good.${at}`, row.good, 'travelMm', 'mm'),
  }));
  for (const [at, { first, third }] of rows.entries())
    for (const [name, travelMm] of [
      [`first.${at}`, first],
      [`third.${at}`, third],
    ] as const)
      if (toFloorMm !== undefined && travelMm !== undefined && travelMm > toFloorMm)
        wrong[name] = `past the floor, ${units.full(toFloorMm, 'mm', 0)}`;
  const at = (column: 'first' | 'third' | 'good') =>
    rows.flatMap(({ forceN, [column]: travelMm }) =>
      forceN === undefined || travelMm === undefined ? [] : [{ forceN, travelMm }],
    );
  const car =
    boreMm === undefined || ratio === undefined ? undefined : { pedal: { ratio }, master: { boreMm } };
  const [first, third, good] = [at('first'), at('third'), at('good')];
  return {
    car,
    ...(car && first.length >= 2
      ? {
          firmness: {
            ...car,
            points: [...first, ...third.map((point) => ({ ...point, press: 3 }))],
            ...(good.length >= 2 ? { baseline: { points: good } } : {}),
            ...(toFloorMm === undefined ? {} : { toFloorMm }),
            ...firmnessReading.held!.own({ shop: limits }),
          },
        }
      : {}),
    ...(car ? { travel: suspects(typed, car, reader, units) } : {}),
    ...(toFloorMm === undefined ? {} : { toFloorMm }),
    wrong,
  };
}

/** The suspects that were given a figure. */
function suspects(
  typed: PedalTyped,
  { pedal, master }: NonNullable<Read['car']>,
  { figure, wrong }: FigureReader<typeof PEDAL_RANGES>,
  units: Units,
): Omit<TravelInput, 'pressureMPa'> {
  const freePlayMm = figure('freePlay', typed.freePlay, 'freePlayMm', 'mm');
  const gaps = CORNERS.flatMap((corner) => {
    const gapMm = figure(`gap.${corner}`, typed.gaps[corner], 'gapMm', 'mm');
    const sideAreaMm2 = sideArea(typed, axleOf(corner), wrong, units);
    return gapMm === undefined || sideAreaMm2 === undefined
      ? []
      : [{ sideAreaMm2, innerMm: gapMm, outerMm: gapMm }];
  });
  const lengthM = figure('hoses', typed.hoses, 'hoseM', 'm');
  const fluidMl = figure('fluid', typed.fluid, 'fluidMl', '');
  const bulkModulusMPa = figure('bulk', typed.bulk, 'bulkModulusMPa', '');
  const gasMl = figure('gas', typed.gas, 'gasMl', '');
  const masterMovementMm = figure('master', typed.master, 'masterMovementMm', 'mm');
  return {
    master,
    pedal: { ...pedal, ...(freePlayMm === undefined ? {} : { freePlayMm }) },
    ...(gaps.length === 0 ? {} : { gaps }),
    ...(lengthM === undefined ? {} : { hoses: [{ lengthM, mlPerMAt1000psi: HOSES[typed.hoseKind].mlPerM }] }),
    ...(fluidMl === undefined ? {} : { fluidMl }),
    ...(bulkModulusMPa === undefined ? {} : { bulkModulusMPa }),
    ...(gasMl === undefined ? {} : { gasMl }),
    ...(masterMovementMm === undefined ? {} : { masterMovementMm }),
  };
}

/** Piston area that presses one pad, mm²; undefined while the pistons cannot be read. */
function sideArea(
  typed: PedalTyped,
  axle: 'front' | 'rear',
  wrong: Record<string, string>,
  units: Units,
): number | undefined {
  const text = axle === 'front' ? typed.frontPistons : typed.rearPistons;
  const opposed = axle === 'front' ? typed.frontOpposed : typed.rearOpposed;
  const { pistonsMm, why } = readPistons(text, opposed, units);
  if (!pistonsMm) {
    wrong[`${axle}Pistons`] = why!;
    return undefined;
  }
  return sideAreaMm2(pistonsMm, opposed);
}
