'use client';

import { useState } from 'react';
import { allIn } from '@/core/base/units/retype';
import { axleOf, type Corner } from '@/core/car/corner';
import { grownBack } from '@/core/planning/wear/history';
import { type RotorResult, readRotor } from '@/core/readings/rotor/rotor';
import type { RotorInput } from '@/core/readings/rotor/schema';
import { useJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell } from '../MeasureCell';
import { useJustFitted } from '../PhaseContext';
import { useLimits } from '../useLimit';
import { usePastWear } from '../usePastWear';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
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

/** Every figure of a rotor is a length. */
const inMm = allIn('mm');

export type RotorSheet = ReturnType<typeof useRotorSheet>;

/** Everything one corner's rotor sheet knows, for whichever layout shows it. */
export function useRotorSheet(corner: Corner, cellPrefix = `rotor-${corner}`, onDone?: OnDone) {
  const { sheet } = useJob();
  const units = useUnits();
  const limit = useLimits();
  const shop = useShop();
  const wear = usePastWear();
  const slot = useReading('rotor', corner);
  const onFile = slot.head?.input as RotorInput | undefined;
  const [kept, keep] = useTyped<RotorTyped | null>(`rotor.${sheet.job.id}.${corner}`, null, inMm);
  const typed = kept ?? (onFile ? typedFrom(onFile, units) : blankRotor(8));
  const [error, setError] = useState<string>();
  const fitted = useJustFitted();
  const [newPart, setNewPart] = useState(fitted);
  const axle = sheet.car[axleOf(corner)];
  const read: RotorRead = readTyped(typed, { axle, units, shop: shop.limits });
  const result: RotorResult | undefined = read.input && readRotor(read.input);
  const grown =
    result?.lowestMm === undefined
      ? undefined
      : grownBack(wear.before[corner].rotor, result.lowestMm, 'rotor');
  const order = rotorOrder(typed);
  const cellId = (name: string) => `${cellPrefix}-${name.replaceAll('.', '-')}`;

  const save = () => {
    // What is wrong is said beside the figure already.
    if (read.wrong) return focusCell(cellId(read.wrong.name));
    if (!read.input) {
      const missing = typed.runout.findIndex((text) => text.trim() === '');
      setError(`Station ${missing + 1} has no runout yet`);
      focusCell(cellId(`runout.${missing}`));
      return;
    }
    if (read.unfinished) {
      setError('This one is still missing: finish the column, or empty it');
      focusCell(cellId(read.unfinished));
      return;
    }
    if (grown !== undefined && !newPart) return setError('Say first whether this is a new rotor');
    setError(undefined);
    const row = slot.save(read.input, read.entered, grown === undefined ? '' : 'new rotor fitted');
    keep(null);
    setNewPart(false);
    onDone?.(row);
  };
  return {
    corner,
    axle,
    typed,
    read,
    result,
    grown,
    newPart,
    setNewPart,
    error,
    slot,
    limit: limit('runoutMm', axle.runoutLimitMm),
    wear,
    cellId,
    figure: (name: string) => figureOf(typed, name),
    change(name: string, text: string) {
      setError(undefined);
      keep(withFigure(typed, name, text));
    },
    next(name: string) {
      const after = order[order.indexOf(name) + 1];
      // Nothing of thickness and a press of Enter: the dial was all there is today.
      const only = name === 'thickness.0' && typed.thickness.every((text) => text.trim() === '');
      if (after === undefined || only) save();
      else focusCell(cellId(after));
    },
    resize: (stations: number) => keep(resized(typed, stations)),
    addRound: () => keep({ ...typed, repeats: [...typed.repeats, Array(typed.stations).fill('')] }),
    dropRound: () => keep({ ...typed, repeats: typed.repeats.slice(0, -1) }),
    spreadDrift: (spread: boolean) => keep({ ...typed, spread }),
    takeRoundAgain() {
      keep({ ...typed, runout: typed.runout.map(() => ''), closing: '', spread: false });
      focusCell(cellId('runout.0'));
    },
    save,
  };
}
