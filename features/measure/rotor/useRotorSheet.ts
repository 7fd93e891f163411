'use client';

import { axleOf, type Corner } from '@/core/car/corner';
import { grownBack } from '@/core/planning/wear/history';
import { type RotorResult, readRotor } from '@/core/readings/rotor/rotor';
import type { RotorInput } from '@/core/readings/rotor/schema';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell } from '../MeasureCell';
import { useLimits } from '../useLimit';
import { usePastWear } from '../usePastWear';
import type { OnDone } from '../useReading';
import { useWornPart } from '../useWornPart';
import {
  blankRotor,
  figureOf,
  type RotorRead,
  type RotorTyped,
  readTyped,
  resized,
  rotorOrder,
  typedFrom,
  withFigure,
} from './typed';

const WORDS = { ask: 'Say first whether this is a new rotor', fitted: 'new rotor fitted' };

export type RotorSheet = ReturnType<typeof useRotorSheet>;

/** Everything one corner's rotor sheet knows, for whichever layout shows it. */
export function useRotorSheet(corner: Corner, cellPrefix = `rotor-${corner}`, onDone?: OnDone) {
  const axle = useSettledJob().sheet.car[axleOf(corner)];
  const units = useUnits();
  const limit = useLimits();
  const shop = useShop();
  const wear = usePastWear();
  const { kept, keep, take, slot, ...part } = useWornPart<RotorTyped>({
    kind: 'rotor',
    corner,
    cells: cellPrefix,
    words: WORDS,
    onDone,
  });
  const onFile = slot.head?.input as RotorInput | undefined;
  const typed = kept ?? (onFile ? typedFrom(onFile, units) : blankRotor(8));
  const read: RotorRead = readTyped(typed, { axle, units, shop: shop.limits });
  const result: RotorResult | undefined = read.input && readRotor(read.input);
  const grown =
    result?.lowestMm === undefined
      ? undefined
      : grownBack(wear.before[corner].rotor, result.lowestMm, 'rotor');
  const save = () => take(read, missingIn(typed, read), grown);
  return {
    ...part,
    corner,
    axle,
    typed,
    read,
    result,
    grown,
    slot,
    limit: limit('runoutMm', axle.runoutLimitMm),
    wear,
    figure: (name: string) => figureOf(typed, name),
    change: (name: string, text: string) => keep(withFigure(typed, name, text)),
    next(name: string) {
      const after = cellAfter(typed, name);
      if (after === undefined) save();
      else focusCell(part.cellId(after));
    },
    ...roundsOf(typed, keep, () => focusCell(part.cellId('runout.0'))),
    save,
  };
}

/** What a rotor still needs before it is a reading. */
function missingIn({ runout }: RotorTyped, { input, unfinished }: RotorRead) {
  if (!input) {
    const station = runout.findIndex((text) => text.trim() === '');
    return { why: `Station ${station + 1} has no runout yet`, at: `runout.${station}` };
  }
  return unfinished === undefined
    ? undefined
    : { why: 'This one is still missing: finish the column, or empty it', at: unfinished };
}

/** The cell that Enter leads to; none where the set is at its end. */
function cellAfter(typed: RotorTyped, name: string): string | undefined {
  // Nothing of thickness and a press of Enter: the dial was all there is today.
  if (name === 'thickness.0' && typed.thickness.every((text) => text.trim() === '')) return undefined;
  const order = rotorOrder(typed);
  return order[order.indexOf(name) + 1];
}

/** The rounds with the dial: how many stations, once more, and what a wandering dial makes of them. */
function roundsOf(typed: RotorTyped, keep: (typed: RotorTyped) => void, begin: () => void) {
  return {
    resize: (stations: number) => keep(resized(typed, stations)),
    addRound: () => keep({ ...typed, repeats: [...typed.repeats, Array(typed.stations).fill('')] }),
    dropRound: () => keep({ ...typed, repeats: typed.repeats.slice(0, -1) }),
    spreadDrift: (spread: boolean) => keep({ ...typed, spread }),
    takeRoundAgain() {
      keep({ ...typed, runout: typed.runout.map(() => ''), closing: '', spread: false });
      begin();
    },
  };
}
