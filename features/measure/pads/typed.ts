import { axleOf, type Corner } from '@/core/car/corner';
import type { ShopLimits } from '@/core/car/limits/catalogue';
import type { CarSpec } from '@/core/car/spec';
import { pads } from '@/core/readings/pads/reading';
import type { Pad, PadsInput } from '@/core/readings/pads/schema';
import type { Units } from '../../shell/units';

/** A corner's pads as typed, by `inner.leading` and the like. */
export type PadsTyped = Record<string, string>;

export const PAD_SIDES = ['inner', 'outer'] as const;
const PAD_ENDS = ['leading', 'trailing'] as const;
const EDGES = ['outerEdge', 'innerEdge'] as const;

export const END_WORDS: Record<string, string> = {
  leading: 'leading end',
  trailing: 'trailing end',
  outerEdge: 'rim edge',
  innerEdge: 'hat edge',
};

/** What is taken in what order: one pad, then the other; edges only where they are wanted. */
export function padsOrder(edges: boolean): string[] {
  return PAD_SIDES.flatMap((side) => [
    ...PAD_ENDS.map((end) => `${side}.${end}`),
    ...(edges ? EDGES.map((edge) => `${side}.${edge}`) : []),
  ]);
}

export function padsTypedFrom(input: PadsInput, corner: Corner, { asTyped }: Units): PadsTyped {
  const pads = input.corners[corner];
  if (!pads) return {};
  return Object.fromEntries(
    PAD_SIDES.flatMap((side) =>
      Object.entries(pads[side]).map(([at, mm]) => [`${side}.${at}`, asTyped(mm as number, 'mm')]),
    ),
  );
}

export type PadsRead = {
  /** Figures as far as they are read. */
  mm: Record<string, number>;
  input?: PadsInput;
  entered: Record<string, string>;
  wrong?: { name: string; text: string; why: string };
};

/** Drawn and judged by when nobody has entered the pad's own figures: ordinary sizes, mm. */
export const USUAL_PAD = { newMm: 12, minimumMm: 3 } as const;

export function readPadsTyped(
  typed: PadsTyped,
  { corner, car, units, limits }: { corner: Corner; car: CarSpec; units: Units; limits: ShopLimits },
): PadsRead {
  const axle = car[axleOf(corner)];
  const newMm = axle.padNewMm ?? USUAL_PAD.newMm;
  const minimumMm = axle.padMinimumMm ?? USUAL_PAD.minimumMm;
  const mm: Record<string, number> = {};
  const entered: Record<string, string> = {};
  let wrong: PadsRead['wrong'];
  for (const [name, text] of Object.entries(typed)) {
    const entry = units.read(text, 'mm');
    if (!entry) continue;
    const why = padWrong(entry.value, newMm, units);
    if (why && !wrong) wrong = { name, text, why };
    if (entry.entered) entered[`corners.${corner}.${name}`] = entry.entered;
    mm[name] = entry.value;
  }
  const pad = (side: string): Pad | undefined => {
    const { [`${side}.leading`]: leading, [`${side}.trailing`]: trailing } = mm;
    if (leading === undefined || trailing === undefined) return undefined;
    const outerEdge = mm[`${side}.outerEdge`];
    const innerEdge = mm[`${side}.innerEdge`];
    return {
      leading,
      trailing,
      ...(outerEdge === undefined ? {} : { outerEdge }),
      ...(innerEdge === undefined ? {} : { innerEdge }),
    };
  };
  const inner = pad('inner');
  const outer = pad('outer');
  if (wrong || !inner || !outer) return { mm, entered, wrong };
  const known = (side: 'front' | 'rear') => (car[side].caliper === null ? {} : { [side]: car[side].caliper });
  return {
    mm,
    entered,
    input: {
      caliper: { ...known('front'), ...known('rear') },
      newMm,
      minimumMm,
      corners: { [corner]: { inner, outer } },
      ...pads.held!.own({ shop: limits }),
    },
  };
}

/** What a pad's thickness cannot be. */
function padWrong(mm: number, newMm: number, units: Units): string | undefined {
  if (Number.isNaN(mm)) return `a figure in ${units.unit('mm')} is needed`;
  if (mm < 0) return `0 to ${units.full(newMm + 0.2, 'mm', 1)} is accepted`;
  if (mm > newMm + 0.2)
    return mm > 60
      ? `was ${units.asTyped(mm / 10, 'mm')} meant? New is ${units.full(newMm, 'mm', 1)}`
      : `thicker than new (${units.full(newMm, 'mm', 1)}); another pad?`;
  return undefined;
}
