'use client';

import { useState } from 'react';
import { ACROSS, axleOf, type Corner } from '@/core/car/corner';
import type { JobSheet } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { grownBack } from '@/core/planning/wear/history';
import { readPads } from '@/core/readings/pads/pads';
import { padPairs } from '@/core/readings/pads/pairs';
import type { PadsInput } from '@/core/readings/pads/schema';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell } from '../MeasureCell';
import { usePastWear } from '../usePastWear';
import type { OnDone } from '../useReading';
import { useWornPart } from '../useWornPart';
import { type PadsTyped, padsOrder, padsTypedFrom, readPadsTyped } from './typed';

const WORDS = { ask: 'Say first whether these are new pads', fitted: 'new pads fitted' };

export type PadsSheet = ReturnType<typeof usePadsSheet>;

/** Everything one corner's pads know, for whichever layout shows them. */
export function usePadsSheet(corner: Corner, cellPrefix = `pads-${corner}`, onDone?: OnDone) {
  const { sheet } = useSettledJob();
  const units = useUnits();
  const { limits } = useShop();
  const wear = usePastWear();
  const { kept, keep, take, slot, ...part } = useWornPart<PadsTyped>({
    kind: 'pads',
    corner,
    cells: cellPrefix,
    words: WORDS,
    onDone,
  });
  const onFile = slot.head?.input as PadsInput | undefined;
  const typed = kept ?? (onFile ? padsTypedFrom(onFile, corner, units) : {});
  const [edgesWanted, setEdges] = useState(false);
  const edges = edgesWanted || Object.keys(typed).some((name) => name.endsWith('Edge'));
  const read = readPadsTyped(typed, { corner, car: sheet.car, units, limits });
  const outcome = read.input && readPads(read.input);
  const grown = read.input ? grownOf(read.input, corner, wear.before[corner]) : undefined;
  const order = padsOrder(edges);
  const save = () => take(read, read.input ? undefined : missingIn(typed, order), grown);
  return {
    ...part,
    corner,
    axle: sheet.car[axleOf(corner)],
    typed,
    read,
    result: outcome?.corners[corner],
    limits: outcome?.limits ?? [],
    sides: read.input && sidesOf(sheet, corner, read.input),
    grown,
    slot,
    wear,
    edges,
    setEdges,
    order,
    change: (name: string, text: string) => keep({ ...typed, [name]: text }),
    next(name: string) {
      const after = order[order.indexOf(name) + 1];
      if (after === undefined) save();
      else focusCell(part.cellId(after));
    },
    save,
  };
}

function missingIn(typed: PadsTyped, order: readonly string[]) {
  const at = order.find((name) => (typed[name] ?? '').trim() === '');
  return { why: 'Both pads need both ends', at };
}

/** These pads beside those across the axle, where those are on file. */
function sidesOf({ readings }: JobSheet, corner: Corner, input: PadsInput) {
  const across = ACROSS[corner];
  const other = headOf(readings, 'before', (row) => row.kind === 'pads' && row.corner === across);
  if (!other?.input) return undefined;
  const [pair] = padPairs([
    { kind: 'pads', corner: across, input: other.input as unknown },
    { kind: 'pads', corner, input: input as unknown },
  ]);
  return pair && readPads(pair.input as PadsInput).axles[axleOf(corner)];
}

/** How much a pad seems to have grown since it was last read, mm. */
function grownOf(
  input: PadsInput,
  corner: Corner,
  before: { inner: Parameters<typeof grownBack>[0]; outer: Parameters<typeof grownBack>[0] },
): number | undefined {
  const found = (['inner', 'outer'] as const).flatMap((side) => {
    const lowest = Math.min(
      ...Object.values(input.corners[corner]![side]).filter((mm): mm is number => mm !== undefined),
    );
    return grownBack(before[side], lowest, 'pad') ?? [];
  });
  return found.length === 0 ? undefined : Math.max(...found);
}
