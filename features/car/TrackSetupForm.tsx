'use client';

import type { BaseUnit } from '@/core/base/units/display';
import { CIRCUIT_KIND_IDS, CIRCUIT_KINDS, type CircuitKind } from '@/core/planning/knockback/setups';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import { useAddingForm } from '../queue/useAddingForm';
import { NoteEnd } from '../shell/NoteEnd';
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

/** How the car goes to a track. */
export function TrackSetupForm({ carId, onDone }: { carId: string; onDone: () => void }) {
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
