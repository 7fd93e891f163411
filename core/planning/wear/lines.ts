import { axleOf, CORNERS, type Corner } from '../../car/corner';
import { limitFor, type ShopLimits } from '../../car/limits/catalogue';
import { SOURCE_WORDS } from '../../car/limits/sources';
import type { CarSpec } from '../../car/spec';
import { padForecast } from './forecast';
import type { CornerWear, WearPoint } from './history';
import { type LifeLeft, rotorLife } from './rotorLife';

/** Drawn against when nobody has entered the figure, mm (common practice, no source). */
const USUAL_PAD_MM = 12;

/** How one part of a corner has worn since it was fitted, what it may come down to, and what is left of it. */
export type WearLine = {
  corner: Corner;
  part: 'pad' | 'rotor';
  label: string;
  series: WearPoint[];
  newMm: number;
  limitMm: number;
  /** Where the limit comes from, in words. */
  limitFrom: string;
  life?: LifeLeft;
  /** Digits the part is measured to. */
  decimals: number;
};

/** Every pad and rotor of a car that was measured since it was fitted, corner by corner. */
export function wearLines(car: CarSpec, wear: Record<Corner, CornerWear>, limits: ShopLimits): WearLine[] {
  return CORNERS.flatMap((corner) => [
    ...padLines(corner, car, wear[corner], limits),
    ...rotorLine(corner, car, wear[corner].rotor),
  ]);
}

/** Least pad for the track: the shop's figure, or half of new, whichever is more. */
export function padLimit(padNewMm: number | null, limits: ShopLimits): { mm: number; from: string } {
  const newMm = padNewMm ?? USUAL_PAD_MM;
  const own = limitFor('trackPadMm', limits);
  return newMm / 2 > own.value
    ? { mm: newMm / 2, from: 'half of new' }
    : { mm: own.value, from: SOURCE_WORDS[own.from] };
}

function padLines(corner: Corner, car: CarSpec, wear: CornerWear, limits: ShopLimits): WearLine[] {
  const { padNewMm } = car[axleOf(corner)];
  const newMm = padNewMm ?? USUAL_PAD_MM;
  const { mm: limitMm, from: limitFrom } = padLimit(padNewMm, limits);
  return (['inner', 'outer'] as const)
    .filter((side) => wear[side].length > 0)
    .map((side) => ({
      corner,
      part: 'pad',
      label: `${corner} ${side} pad`,
      series: wear[side],
      ...{ newMm, limitMm, limitFrom, decimals: 1 },
      life: padForecast(wear[side], limitMm),
    }));
}

function rotorLine(corner: Corner, car: CarSpec, series: WearPoint[]): WearLine[] {
  const { rotorMinimumMm: limitMm, rotorNewMm } = car[axleOf(corner)];
  if (series.length === 0 || limitMm === null) return [];
  return [
    {
      corner,
      part: 'rotor',
      label: `${corner} rotor`,
      series,
      newMm: rotorNewMm ?? series[0]!.mm,
      ...{ limitMm, limitFrom: SOURCE_WORDS.car, decimals: 2 },
      life: rotorLife(series, limitMm),
    },
  ];
}
