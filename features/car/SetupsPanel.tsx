'use client';

import { useState } from 'react';
import type { BaseUnit } from '@/core/base/units/display';
import { CIRCUIT_KIND_IDS, CIRCUIT_KINDS, type CircuitKind } from '@/core/planning/knockback/setups';
import type { CarSetup } from '@/server/setups/queries';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import { KeptForms } from '../queue/KeptForms';
import { useAddingForm } from '../queue/useAddingForm';
import { dropRow } from '../shell/dropped';
import { IfMay } from '../shell/IfMay';
import { NoteEnd } from '../shell/NoteEnd';
import { useMay } from '../shell/PersonContext';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';

type Typed = {
  track: string;
  kind: CircuitKind;
  front: string;
  rear: string;
  tap: 'yes' | 'no';
  note: string;
};

const BLANK: Typed = { track: '', kind: 'mixed', front: '', rear: '', tap: 'no', note: '' };
const baseOf = (name = ''): BaseUnit | undefined => (name === 'front' || name === 'rear' ? 'N' : undefined);

/** How the car goes to each track against knockback: springs by axle, a tap before the zone. */
export function SetupsPanel({ carId, setups }: { carId: string; setups: CarSetup[] }) {
  const refreshPage = useRefresh();
  const units = useUnits();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const drop = ({ id, version, track }: CarSetup) =>
    dropRow({
      path: `/api/setups/${id}`,
      version,
      label: `Dropped: ${track}`,
      onChange: (wrong) => {
        setTrouble(wrong);
        refreshPage();
      },
    });
  const springs = (forceN: number | null) => (forceN === null ? 'none' : units.full(forceN, 'N', 0));
  return (
    <section aria-labelledby="setups">
      <h2
        id="setups"
        className="mt-6 flex items-end justify-between gap-2 border-b-2 border-ink pb-1 text-xl"
      >
        Knockback by track
        {mayWork && !open && (
          <Button look="quiet" onClick={() => setOpen(true)}>
            Note a track
          </Button>
        )}
      </h2>
      <Trouble>{trouble}</Trouble>
      {open && <SetupForm carId={carId} onDone={() => setOpen(false)} />}
      <KeptForms under={`/api/cars/${carId}/setups`} />
      <ul>
        {setups.map((setup) => (
          <li key={setup.id} className="flex items-start justify-between gap-3 border-b border-rule py-2">
            <span>
              <b className="font-semibold">{setup.track}</b>{' '}
              <span className="text-soft">{CIRCUIT_KINDS[setup.kind].label.toLowerCase()}</span>
              <span className="block text-small">
                Springs front <b className="reading font-semibold">{springs(setup.frontN)}</b>, rear{' '}
                <b className="reading font-semibold">{springs(setup.rearN)}</b>
                {setup.tap ? ', a tap before the zone' : ''}
              </span>
              {setup.note !== '' && <span className="block text-small text-soft">{setup.note}</span>}
            </span>
            <IfMay right="work">
              <Button
                look="quiet"
                aria-label={`Drop the set-up for ${setup.track}`}
                onClick={() => void drop(setup)}
              >
                Drop
              </Button>
            </IfMay>
          </li>
        ))}
        {setups.length === 0 && <li className="py-2 text-soft">None noted.</li>}
      </ul>
    </section>
  );
}

function SetupForm({ carId, onDone }: { carId: string; onDone: () => void }) {
  const units = useUnits();
  const form = useAddingForm<Typed>({
    ...{ name: `setup.${carId}`, initial: BLANK, baseOf, onDone },
    adding: (typed) => ({
      path: `/api/cars/${carId}/setups`,
      kind: 'setup',
      content: {
        track: typed.track.trim(),
        kind: typed.kind,
        frontN: units.sent(typed.front, 'N'),
        rearN: units.sent(typed.rear, 'N'),
        tap: typed.tap === 'yes',
        note: typed.note.trim(),
      },
      label: () => `Set-up for ${typed.track.trim()}`,
    }),
  });
  const { typed, set } = form;
  return (
    <form aria-label="Note a track" className="grid gap-3 border-b border-rule py-3" onSubmit={form.onSubmit}>
      <TextField label="Track, as the shop calls it" maxLength={120} {...form.field('track')} />
      <div>
        <Choice
          label="The track is"
          value={typed.kind}
          onChange={(kind) => kind !== '' && set({ kind: kind as CircuitKind })}
          options={CIRCUIT_KIND_IDS.map((kind) => ({ value: kind, label: CIRCUIT_KINDS[kind].label }))}
        />
        <p className="mt-1 text-small text-soft">{CIRCUIT_KINDS[typed.kind].advice}</p>
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        {(['front', 'rear'] as const).map((axle) => (
          <NumberField
            key={axle}
            label={`One spring, ${axle}`}
            unit={units.unit('N')}
            hint="Empty: none"
            {...form.field(axle, `${axle}N`)}
          />
        ))}
      </div>
      <div>
        <p className="narrow text-small font-semibold">A tap before the zone</p>
        <Choice
          label="A tap before the zone"
          value={typed.tap}
          onChange={(tap) => tap !== '' && set({ tap: tap as Typed['tap'] })}
          options={[
            { value: 'yes', label: 'Taps' },
            { value: 'no', label: 'Does not' },
          ]}
        />
      </div>
      <TextField label="What was found there" maxLength={400} {...form.field('note')} />
      <NoteEnd trouble={form.trouble} onLeave={onDone} />
    </form>
  );
}
