'use client';

import { Gauge, Grid3x3 } from 'lucide-react';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { cn } from '@/ui/cn';
import { useGauges } from '../measure/gauges/useGauges';
import { useKeypad } from '../measure/useKeypad';
import { later } from '../shell/later';
import { UnitKeys } from '../shell/UnitKeys';

export type ChecksMode = 'list' | 'walk' | 'sheet';

// The keys and the gauges come when they are wanted.
const Keypad = later(() => import('../measure/Keypad').then((module) => module.Keypad));
const GaugeBar = later(() => import('../measure/gauges/GaugeBar').then((module) => module.GaugeBar));

type Props = { mode: ChecksMode; onMode: (mode: ChecksMode) => void };

/** The stage's head: how to go through the checks, in which units, with keys on the screen, with which gauges. */
export function ChecksBar({ mode, onMode }: Props) {
  const keypad = useKeypad();
  const gauges = useGauges();
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 className="mr-auto text-2xl">Checks</h2>
        <Choice
          label="How to go through them"
          value={mode}
          onChange={(value) => value !== '' && onMode(value as ChecksMode)}
          options={[
            { value: 'list', label: 'Questions' },
            { value: 'walk', label: 'Walk round' },
            { value: 'sheet', label: 'Sheet' },
          ]}
        />
      </div>
      {/* On the walk a phone shows the one thing that is asked; units and gauges are set on the other two. */}
      <div
        className={cn(
          'mb-2 flex-wrap items-center justify-between gap-x-4 gap-y-2',
          mode === 'walk' ? 'hidden sm:flex' : 'flex',
        )}
      >
        <UnitKeys kinds={['lengthUnit', 'temperatureUnit']} />
        <span className="flex flex-wrap gap-2">
          <Button aria-pressed={keypad.on} onClick={() => keypad.turn(!keypad.on)}>
            <Grid3x3 aria-hidden="true" size={20} /> Keys {keypad.on ? 'on' : 'off'}
          </Button>
          <Button aria-pressed={gauges.shown} onClick={() => gauges.show(!gauges.shown)}>
            <Gauge aria-hidden="true" size={20} /> Gauges
          </Button>
        </span>
      </div>
      {gauges.shown && <GaugeBar />}
      {keypad.on && <Keypad />}
    </>
  );
}
