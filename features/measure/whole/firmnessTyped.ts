import type { BaseUnit } from '@/core/base/units/display';
import type { FirmnessInput } from '@/core/readings/pedal/firmnessSchema';
import type { GoodPedal } from '@/core/readings/pedal/goodPedal';
import { PEDAL_RANGES } from '@/core/readings/pedal/ranges';
import { figureReader } from '../../shell/figureReader';
import type { Units } from '../../shell/units';

/** A force, and the travel at it on the first press and on the third. */
export type FirmnessRow = { force: string; first: string; third: string };
export type FirmnessTyped = { bore: string; ratio: string; floor: string; presses: FirmnessRow[] };

const BASES: Readonly<Record<string, BaseUnit>> = { bore: 'mm', floor: 'mm', first: 'mm', third: 'mm' };
export const firmnessBase = (...path: string[]) => BASES[path.at(-1)!];

/** Forces asked for one after another, N: what a leg gives and a scale shows; each can be typed over. */
export const ASKED_N = [50, 150, 300, 450];

/** The pedal before anything is typed; what the car knows of it stands already. */
export function firmnessStart(
  { masterBoreMm, pedalRatio }: { masterBoreMm: number | null; pedalRatio: number | null },
  units: Units,
): FirmnessTyped {
  return {
    bore: masterBoreMm === null ? '' : units.asTyped(masterBoreMm, 'mm'),
    ratio: pedalRatio === null ? '' : String(pedalRatio),
    floor: '',
    presses: ASKED_N.map((forceN) => ({ force: String(forceN), first: '', third: '' })),
  };
}

/** What was typed as the reading's input, as far as it goes, and what of it cannot be one. */
export function readFirmness(typed: FirmnessTyped, good: GoodPedal | undefined, units: Units) {
  const { wrong, figure, needed } = figureReader(units, PEDAL_RANGES);
  const boreMm = needed('bore', typed.bore, 'boreMm', 'mm');
  const ratio = needed('ratio', typed.ratio, 'ratio', '');
  const toFloorMm = figure('floor', typed.floor, 'toFloorMm', 'mm');
  const points = typed.presses.flatMap((row, at): FirmnessInput['points'] => {
    const forceN = figure(`force.${at}`, row.force, 'forceN', 'N');
    const travels = [
      [figure(`first.${at}`, row.first, 'travelMm', 'mm'), 1],
      [figure(`third.${at}`, row.third, 'travelMm', 'mm'), 3],
    ] as const;
    return travels.flatMap(([travelMm, press]) => {
      if (travelMm === undefined) return [];
      if (forceN === undefined) {
        wrong[`force.${at}`] ??= 'A force is needed beside its travel';
        return [];
      }
      return [{ forceN, travelMm, ...(press === 1 ? {} : { press }) }];
    });
  });
  const first = points.filter(({ press }) => press === undefined);
  const deepest = Math.max(0, ...points.map(({ travelMm }) => travelMm));
  if (toFloorMm !== undefined && deepest > toFloorMm)
    wrong.floor = `${typed.floor} is not taken: the pedal went ${units.full(deepest, 'mm', 0)}`;
  const input: FirmnessInput = {
    pedal: { ratio },
    master: { boreMm },
    points,
    ...(toFloorMm === undefined ? {} : { toFloorMm }),
    ...(good ? { baseline: { points: good.points } } : {}),
  };
  return { input, first, wrong, isWhole: first.length >= 2 && Object.keys(wrong).length === 0 };
}
