'use client';

import { useState } from 'react';
import { allIn } from '@/core/base/units/retype';
import { axleOf, type Corner } from '@/core/car/corner';
import { headOf } from '@/core/job/standing';
import { grownBack } from '@/core/planning/wear/history';
import { type CornerPads, readPads } from '@/core/readings/pads/pads';
import { padPairs } from '@/core/readings/pads/pairs';
import type { PadsInput } from '@/core/readings/pads/schema';
import { useJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell } from '../MeasureCell';
import { useJustFitted } from '../PhaseContext';
import { usePastWear } from '../usePastWear';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import { type PadsTyped, padsOrder, padsTypedFrom, readPadsTyped } from './typed';

const OTHER_SIDE: Record<Corner, Corner> = { FL: 'FR', FR: 'FL', RL: 'RR', RR: 'RL' };

/** Every figure of a pad is a length. */
const inMm = allIn('mm');

export type PadsSheet = ReturnType<typeof usePadsSheet>;

/** Everything one corner's pads know, for whichever layout shows them. */
export function usePadsSheet(corner: Corner, cellPrefix = `pads-${corner}`, onDone?: OnDone) {
  const { sheet } = useJob();
  const units = useUnits();
  const { limits } = useShop();
  const wear = usePastWear();
  const slot = useReading('pads', corner);
  const onFile = slot.head?.input as PadsInput | undefined;
  const [kept, keep] = useTyped<PadsTyped | null>(`pads.${sheet.job.id}.${corner}`, null, inMm);
  const typed = kept ?? (onFile ? padsTypedFrom(onFile, corner, units) : {});
  const [edgesWanted, setEdges] = useState(false);
  const edges = edgesWanted || Object.keys(typed).some((name) => name.endsWith('Edge'));
  const [error, setError] = useState<string>();
  const fitted = useJustFitted();
  const [newPart, setNewPart] = useState(fitted);
  const read = readPadsTyped(typed, { corner, car: sheet.car, units, limits });
  const outcome = read.input && readPads(read.input);
  const result: CornerPads | undefined = outcome?.corners[corner];
  const grown = read.input ? grownOf(read.input, corner, wear.before[corner]) : undefined;
  const order = padsOrder(edges);
  const cellId = (name: string) => `${cellPrefix}-${name.replace('.', '-')}`;

  const other = headOf(
    sheet.readings,
    'before',
    (row) => row.kind === 'pads' && row.corner === OTHER_SIDE[corner],
  );
  const pair =
    read.input && other?.input
      ? padPairs([
          { kind: 'pads', corner: OTHER_SIDE[corner], input: other.input as unknown },
          { kind: 'pads', corner, input: read.input as unknown },
        ])[0]
      : undefined;
  const sides = pair && readPads(pair.input as PadsInput).axles[axleOf(corner)];

  const save = () => {
    // What is wrong is said beside the figure already.
    if (read.wrong) return focusCell(cellId(read.wrong.name));
    if (!read.input) {
      const missing = order.find((name) => (typed[name] ?? '').trim() === '');
      setError('Both pads need both ends');
      if (missing) focusCell(cellId(missing));
      return;
    }
    if (grown !== undefined && !newPart) return setError('Say first whether these are new pads');
    setError(undefined);
    const row = slot.save(read.input, read.entered, grown === undefined ? '' : 'new pads fitted');
    keep(null);
    setNewPart(false);
    onDone?.(row);
  };
  return {
    corner,
    axle: sheet.car[axleOf(corner)],
    typed,
    read,
    result,
    limits: outcome?.limits ?? [],
    sides,
    grown,
    newPart,
    setNewPart,
    error,
    slot,
    wear,
    edges,
    setEdges,
    cellId,
    order,
    change(name: string, text: string) {
      setError(undefined);
      keep({ ...typed, [name]: text });
    },
    next(name: string) {
      const after = order[order.indexOf(name) + 1];
      if (after === undefined) save();
      else focusCell(cellId(after));
    },
    save,
  };
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
