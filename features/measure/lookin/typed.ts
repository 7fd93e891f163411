import type { Corner } from '@/core/car/corner';
import { axleOf } from '@/core/car/corner';
import type { ShopLimits } from '@/core/car/limits/catalogue';
import type { CarSpec } from '@/core/car/spec';
import type { LookInInput } from '@/core/readings/lookin/lookIn';
import { LOOK_IDS, LOOKS, type LookId } from '@/core/readings/lookin/looks';
import { lookIn } from '@/core/readings/lookin/reading';
import { PAD_RANGES } from '@/core/readings/pads/ranges';
import { ROTOR_RANGES } from '@/core/readings/rotor/ranges';
import type { Units } from '../../shell/units';

/** A look-in as it is typed and pressed; empty where nobody looked. */
export type LookInTyped = Record<CellId, string> & Record<LookId, string>;

export const LOOK_CELLS = [
  { id: 'innerMm', label: 'Inner pad, low end', range: PAD_RANGES.thicknessMm },
  { id: 'outerMm', label: 'Outer pad, low end', range: PAD_RANGES.thicknessMm },
  { id: 'rotorMm', label: 'Rotor, where a gauge got at it', range: ROTOR_RANGES.thicknessMm },
] as const;
type CellId = (typeof LOOK_CELLS)[number]['id'];

/** What is looked at here: what belongs to a disc only where there is one. */
export function looksAt(car: CarSpec, corner: Corner): LookId[] {
  const isDisc = car[axleOf(corner)].brake !== 'drum';
  return LOOK_IDS.filter((look) => isDisc || !LOOKS[look].disc);
}

/** The rest as it should be, in one press; figures are not guessed. */
export function allGood(typed: LookInTyped, looks: readonly LookId[]): LookInTyped {
  const open = looks.filter((look) => typed[look] === '');
  return { ...typed, ...Object.fromEntries(open.map((look) => [look, LOOKS[look].states[0]])) };
}

export function lookInTypedFrom(input: LookInInput | undefined, { asTyped }: Units): LookInTyped {
  return {
    ...(Object.fromEntries(
      LOOK_CELLS.map(({ id }) => [id, input?.[id] === undefined ? '' : asTyped(input[id], 'mm')]),
    ) as Record<CellId, string>),
    ...(Object.fromEntries(LOOK_IDS.map((look) => [look, input?.[look] ?? ''])) as Record<LookId, string>),
  };
}

type Around = { car: CarSpec; corner: Corner; units: Units; limits: ShopLimits };

/** What was typed as the calc takes it; without an input where nothing was looked at yet, or a figure is wrong. */
export function readLookIn(
  typed: LookInTyped,
  { car, corner, units, limits }: Around,
): { input?: LookInInput; entered: Record<string, string>; wrong?: { id: string; why: string } } {
  const axle = car[axleOf(corner)];
  const entered: Record<string, string> = {};
  const figures: Record<string, number> = {};
  for (const { id, label, range } of LOOK_CELLS) {
    const entry = units.read(typed[id], 'mm');
    if (!entry) continue;
    if (!(entry.value >= range[0] && entry.value <= range[1]))
      return {
        entered,
        wrong: {
          id,
          why: `${label} is ${typed[id]}: ${units.show(range[0], 'mm', 0)} to ${units.full(range[1], 'mm', 0)} is accepted`,
        },
      };
    figures[id] = entry.value;
    if (entry.entered) entered[id] = entry.entered;
  }
  const seen = Object.fromEntries(
    looksAt(car, corner).flatMap((look) => (typed[look] === '' ? [] : [[look, typed[look]]])),
  );
  if (Object.keys(figures).length + Object.keys(seen).length === 0) return { entered };
  return {
    entered,
    input: {
      ...figures,
      ...seen,
      ...(axle.padNewMm === null ? {} : { newMm: axle.padNewMm }),
      ...(axle.padMinimumMm === null ? {} : { minimumMm: axle.padMinimumMm }),
      ...(axle.rotorNewMm === null ? {} : { rotorNewMm: axle.rotorNewMm }),
      ...(axle.rotorMinimumMm === null ? {} : { rotorMinimumMm: axle.rotorMinimumMm }),
      ...lookIn.held!.own({ car, axle, shop: limits }),
    } as LookInInput,
  };
}
