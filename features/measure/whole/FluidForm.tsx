'use client';

import { useState } from 'react';
import { asSentence } from '@/core/base/sentence';
import type { BaseUnit } from '@/core/base/units/display';
import { FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { type FluidInput, readFluid } from '@/core/readings/fluid/fluid';
import { FLUID_RANGES } from '@/core/readings/fluid/ranges';
import { fluid as fluidReading } from '@/core/readings/fluid/reading';
import type { Quantity } from '@/core/readings/instruments/kinds';
import type { Phase } from '@/core/readings/phase';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import type { Units } from '../../shell/units';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { usePhase } from '../PhaseContext';
import { useLimits } from '../useLimit';
import { type OnDone, useReading } from '../useReading';
import { BetterThanClass } from './BetterThanClass';

type Field = {
  id: 'moisturePct' | 'boilingC' | 'caliperPeakC';
  label: string;
  base: BaseUnit;
  quantity?: Quantity;
};
const FIELDS: readonly Field[] = [
  { id: 'moisturePct', label: 'Water', base: '%', quantity: 'moisture' },
  { id: 'boilingC', label: 'Boils at', base: '°C', quantity: 'boiling' },
  { id: 'caliperPeakC', label: 'Caliper peak', base: '°C' },
];
type Typed = Record<Field['id'] | 'bottle' | 'days', string>;
const NOTHING: Typed = { moisturePct: '', boilingC: '', caliperPeakC: '', bottle: '', days: '' };

const baseOf = (name: string) => FIELDS.find(({ id }) => id === name)?.base;

/** Water, boiling point and caliper peak, as the testers show them, and the bottle the new fluid is to come from. */
export function FluidForm({ phase: own, onDone }: { phase?: Phase; onDone?: OnDone }) {
  const around = usePhase();
  const phase = own ?? around;
  const { sheet } = useJob();
  const shop = useShop();
  const units = useUnits();
  const limit = useLimits();
  const slot = useReading('fluid', undefined, phase);
  const [typed, keep] = useKeptFigures<Typed>(`fluid.${phase}.${sheet.job.id}`, NOTHING, baseOf);
  const [error, setError] = useState<{ id: string; why: string }>();
  const { car } = sheet;
  const fluid: FluidClass = car.fluidClass ?? 'DOT4';
  const { silicone, label } = FLUID_CLASSES[fluid];
  const fields = FIELDS.filter((field) => !(silicone && field.id === 'moisturePct'));
  const onFile = slot.head?.input as FluidInput | undefined;
  const set = (id: keyof Typed, text: string) => {
    setError(undefined);
    keep({ ...typed, [id]: text });
  };

  const save = () => {
    const entered: Record<string, string> = {};
    const values: Partial<Record<Field['id'], number>> = {};
    for (const field of fields) {
      const entry = units.read(typed[field.id], field.base);
      if (!entry) continue;
      const why = refusal(field, typed[field.id], entry.value, units);
      if (why) {
        setError({ id: field.id, why });
        focusCell(`fluid-${phase}-${field.id}`);
        return;
      }
      values[field.id] = entry.value;
      if (entry.entered) entered[field.id] = entry.entered;
    }
    const days = typed.days.trim() === '' ? undefined : Number(typed.days);
    if (days !== undefined && !(days >= 0 && days <= 3650)) {
      setError({ id: 'days', why: `Opened ${typed.days} days ago: 0 to 3650 days is accepted` });
      return;
    }
    const bottle = bottleOf(typed.bottle, days) ?? onFile?.bottle;
    if (Object.keys(values).length === 0 && (typed.bottle === '' || !onFile)) {
      setError({ id: fields[0]!.id, why: 'Enter what the tester shows' });
      return;
    }
    const pair =
      car.fluidDryC !== null && car.fluidWetC !== null ? { dryC: car.fluidDryC, wetC: car.fluidWetC } : {};
    // A field left empty keeps the figure on file: three testers are rarely used in one go.
    const { moisturePct, boilingC, caliperPeakC } = { ...onFile, ...values } as FluidInput;
    const row = slot.save(
      {
        class: fluid,
        ...pair,
        altitudeM: shop.altitudeM,
        ...(moisturePct === undefined ? {} : { moisturePct }),
        ...(boilingC === undefined ? {} : { boilingC }),
        ...(caliperPeakC === undefined ? {} : { caliperPeakC }),
        ...(bottle ? { bottle } : {}),
        ...fluidReading.held!.own({ shop: shop.limits }),
      },
      entered,
    );
    keep(NOTHING);
    onDone?.(row);
  };
  const read = onFile && readFluid(onFile);
  const bound = (name: Parameters<typeof limit>[0], base: BaseUnit, decimals: number) =>
    units.full(limit(name).value, base, decimals);
  return (
    <section aria-label="Fluid" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        {fields.map((field, index) => (
          <label key={field.id} htmlFor={`fluid-${phase}-${field.id}`} className="narrow w-36 text-small">
            {field.label} <span className="reading text-soft">{units.unit(field.base)}</span>
            <MeasureCell
              id={`fluid-${phase}-${field.id}`}
              label={field.label}
              base={field.base}
              quantity={field.quantity}
              pose={field.quantity ? { point: 'reservoir' } : undefined}
              value={typed[field.id]}
              placeholder={
                onFile?.[field.id] === undefined
                  ? undefined
                  : units.show(onFile[field.id], field.base, field.base === '%' ? 1 : 0)
              }
              invalid={error?.id === field.id}
              describedBy={error?.id === field.id ? `fluid-${phase}-error` : undefined}
              disabled={slot.closed}
              onChange={(text) => set(field.id, text)}
              onNext={() => {
                const after = fields[index + 1];
                if (after && typed[field.id] !== '' && index === 0) focusCell(`fluid-${phase}-${after.id}`);
                else save();
              }}
              className="border-ink"
            />
          </label>
        ))}
        <Button onClick={save} disabled={slot.closed}>
          {slot.head ? 'Correct the reading' : 'Take the reading'}
        </Button>
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div>
          <p className="narrow text-small font-semibold">Bottle of new fluid</p>
          <Choice
            label="Bottle of new fluid"
            value={typed.bottle || (onFile?.bottle ? (onFile.bottle.sealed ? 'sealed' : 'opened') : '')}
            disabled={slot.closed}
            onChange={(value) => set('bottle', value)}
            options={[
              { value: 'sealed', label: 'Sealed' },
              { value: 'opened', label: 'Opened', tone: 'watch' },
            ]}
          />
        </div>
        {typed.bottle === 'opened' && (
          <label htmlFor={`fluid-${phase}-days`} className="narrow w-36 text-small">
            Opened, days ago
            <MeasureCell
              id={`fluid-${phase}-days`}
              label="Opened, days ago"
              base=""
              value={typed.days}
              disabled={slot.closed}
              onChange={(text) => set('days', text)}
              onNext={save}
              className="border-ink"
            />
          </label>
        )}
      </div>
      {error && (
        <p id={`fluid-${phase}-error`} role="alert" className="font-semibold text-stop">
          {error.why}
        </p>
      )}
      <p className="text-small text-soft">
        {label}
        {car.fluidClass === null && ' (assumed: the car’s class is not on file)'}. Water: dry under{' '}
        {bound('dryBelowPct', '%', 1)}, wet from {bound('wetFromPct', '%', 1)}. Boiling: enough from{' '}
        {bound('boilingOkFromC', '°C', 0)}, low under {bound('boilingLowBelowC', '°C', 0)}.{' '}
        {sourcesOf([limit('wetFromPct').from, limit('boilingOkFromC').from])}.
      </p>
      {read?.ok && <FluidSays result={read.value} />}
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

/** What the reading comes to: where it boils here, the margin, where two testers disagree, the bottle. */
function FluidSays({ result }: { result: Extract<ReturnType<typeof readFluid>, { ok: true }>['value'] }) {
  const { full, words } = useUnits();
  return (
    <div className="text-small">
      {result.boilingHereC !== null && (
        <p>
          Boils here at <b className="reading font-semibold">{full(result.boilingHereC, '°C', 0)}</b>
          {result.marginK !== null && (
            <>
              , <b className="reading font-semibold">{full(result.marginK, 'K', 0)}</b> over the caliper’s
              peak
            </>
          )}
          .
        </p>
      )}
      <BetterThanClass result={result} />
      {result.disagreementC !== undefined && (
        <p>
          The two testers are <span className="reading">{full(Math.abs(result.disagreementC), 'K', 0)}</span>{' '}
          apart; the boiling point counts.
        </p>
      )}
      {result.notes.map((note) => (
        <p key={note}>{words(note)}</p>
      ))}
    </div>
  );
}

function refusal(field: Field, text: string, value: number, { show, full }: Units): string | undefined {
  const [low, high] = FLUID_RANGES[field.id];
  if (value >= low && value <= high) return undefined;
  return `${field.label} is ${text}: ${show(low, field.base, 0)} to ${full(high, field.base, 0)} is accepted`;
}

function bottleOf(choice: string, days: number | undefined): FluidInput['bottle'] {
  if (choice === 'sealed') return { sealed: true };
  if (choice !== 'opened') return undefined;
  return { sealed: false, ...(days === undefined ? {} : { openedDaysAgo: days }) };
}

function sourcesOf(from: readonly (keyof typeof SOURCE_WORDS)[]): string {
  const words = [...new Set(from.map((each) => SOURCE_WORDS[each]))].join(' and ');
  return asSentence(words);
}
