'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { firmness } from '@/core/readings/pedal/firmness';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { useSettledJob } from '../../record/JobProvider';
import { later } from '../../shell/later';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { OnFile } from '../OnFile';
import { PedalFigures } from '../pedal/PedalFigures';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import { firmnessBase, firmnessStart, readFirmness } from './firmnessTyped';
import { PressCells } from './PressCells';

const PedalCurve = later(() => import('../pedal/PedalCurve').then((module) => module.PedalCurve), {
  loading: () => <div className="h-full" />,
});

/** The pedal under a scale: force against travel, the third press beside the first, this car's good one behind them. */
export function FirmnessForm({ onDone }: { onDone?: OnDone }) {
  const { sheet } = useSettledJob();
  const { dateOrder } = useShop();
  const units = useUnits();
  const slot = useReading('firmness');
  const good = sheet.goodPedal;
  const start = firmnessStart(sheet.car, units);
  const [typed, keep, forget] = useTyped(`firmness.${sheet.job.id}`, start, firmnessBase);
  const [tried, setTried] = useState(false);
  const { input, first, wrong, isWhole } = readFirmness(typed, good, units);
  const say = (field: 'floor' | 'bore' | 'ratio') =>
    tried || typed[field] !== '' ? wrong[field] : undefined;
  const save = () => {
    setTried(true);
    if (!isWhole) return;
    const row = slot.save(input);
    forget();
    setTried(false);
    onDone?.(row);
  };
  const mm = units.unit('mm');
  const third = input.points.filter(({ press }) => press === 3);
  return (
    <section aria-label="Pedal firmness" className="mt-2 grid gap-3">
      <PressCells
        rows={typed.presses}
        wrong={wrong}
        disabled={slot.closed}
        onChange={(presses) => keep({ ...typed, presses })}
        onEnd={save}
      />
      <div className="flex flex-wrap items-start gap-3">
        {(
          [
            ['floor', 'Room to the floor', mm],
            ['bore', 'Master bore', mm],
            ['ratio', 'Pedal ratio', ''],
          ] as const
        ).map(([id, label, unit]) => (
          <NumberField
            key={id}
            label={label}
            unit={unit}
            value={typed[id]}
            error={say(id)}
            disabled={slot.closed}
            onChange={(event) => keep({ ...typed, [id]: event.target.value })}
            className="w-44"
          />
        ))}
        <Button onClick={save} disabled={slot.closed} className="mt-6">
          Take the pedal
        </Button>
      </div>
      {tried && first.length < 2 && (
        <p role="alert" className="font-semibold text-stop">
          {first.length} of the first press is not taken: travel at two forces or more
        </p>
      )}
      {isWhole && (
        <>
          <PedalFigures result={firmness(input)} />
          <div className="h-64 max-w-2xl">
            <PedalCurve first={first} third={third} good={good?.points ?? []} />
          </div>
        </>
      )}
      <p className="text-small text-soft">
        {good
          ? `Its good pedal is that of ${dayWords(good.day, dateOrder)}, after the work that cured it.`
          : 'This car has no good pedal on file: the one read after a cure will be it.'}{' '}
        Engine as it will run; free play taken up first.
      </p>
      <OnFile head={slot.head} earlier={slot.earlier} />
      {slot.head && (
        <p>
          <Link href={`/bench/pedal?car=${sheet.car.id}`} className="underline underline-offset-4">
            On the bench: gas against flex, and what each suspect takes
          </Link>
        </p>
      )}
    </section>
  );
}
