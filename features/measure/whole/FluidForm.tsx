'use client';

import { asSentence, listed } from '@/core/base/sentence';
import type { BaseUnit } from '@/core/base/units/display';
import { FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { type FluidInput, readFluid } from '@/core/readings/fluid/fluid';
import { FLUID_RANGES, OPENED_DAYS_RANGE } from '@/core/readings/fluid/ranges';
import { fluid as fluidReading } from '@/core/readings/fluid/reading';
import type { Phase } from '@/core/readings/phase';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { OnFile } from '../OnFile';
import { usePhase } from '../PhaseContext';
import { ReadingCells } from '../ReadingCells';
import { between, type ReadingField } from '../readFields';
import { useLimits } from '../useLimit';
import { type OnDone, useReading } from '../useReading';
import { useReadingForm } from '../useReadingForm';
import { BetterThanClass } from './BetterThanClass';

const AT_RESERVOIR = { point: 'reservoir' } as const;
const TESTERS = [
  {
    id: 'moisturePct',
    label: 'Water',
    base: '%',
    decimals: 1,
    ...between(FLUID_RANGES.moisturePct),
    quantity: 'moisture',
    pose: AT_RESERVOIR,
  },
  {
    id: 'boilingC',
    label: 'Boils at',
    base: '°C',
    decimals: 0,
    ...between(FLUID_RANGES.boilingC),
    quantity: 'boiling',
    pose: AT_RESERVOIR,
  },
  {
    id: 'caliperPeakC',
    label: 'Caliper peak',
    base: '°C',
    decimals: 0,
    ...between(FLUID_RANGES.caliperPeakC),
  },
] as const satisfies readonly ReadingField[];
const DAYS = {
  id: 'days',
  label: 'Opened, days ago',
  base: '',
  decimals: 0,
  ...between(OPENED_DAYS_RANGE),
} as const;
type Name = (typeof TESTERS)[number]['id'] | typeof DAYS.id;
type Typed = Record<Name | 'bottle', string>;
const NOTHING: Typed = { moisturePct: '', boilingC: '', caliperPeakC: '', bottle: '', days: '' };

const baseOf = (name: string) => TESTERS.find(({ id }) => id === name)?.base;

/** Water, boiling point and caliper peak, as the testers show them, and the bottle the new fluid is to come from. */
export function FluidForm({ phase: own, onDone }: { phase?: Phase; onDone?: OnDone }) {
  const around = usePhase();
  const phase = own ?? around;
  const { sheet } = useSettledJob();
  const shop = useShop();
  const slot = useReading('fluid', undefined, phase);
  const [typed, keep] = useKeptFigures<Typed>(`fluid.${phase}.${sheet.job.id}`, NOTHING, baseOf);
  const { car } = sheet;
  const fluid: FluidClass = car.fluidClass ?? 'DOT4';
  const testers = TESTERS.filter(({ id }) => !(FLUID_CLASSES[fluid].silicone && id === 'moisturePct'));
  const onFile = slot.head?.input as FluidInput | undefined;
  const { moisturePct, boilingC, caliperPeakC } = onFile ?? {};
  const form = useReadingForm<Name, Typed>({
    ...{ slot, cells: `fluid-${phase}`, typed, keep, clear: () => keep(NOTHING), onDone },
    onFile: { moisturePct, boilingC, caliperPeakC },
    fields: typed.bottle === 'opened' ? [...testers, DAYS] : testers,
  });
  const saidAt = `fluid-${phase}-error`;

  const save = () =>
    form.take(({ values: { days, ...figures }, entered: { days: _, ...entered } }) => {
      const isTyped = testers.some(({ id }) => typed[id].trim() !== '');
      if (!isTyped && (typed.bottle === '' || !onFile))
        return { why: 'Enter what the tester shows', at: testers[0]?.id };
      const { fluidDryC: dryC, fluidWetC: wetC } = car;
      const bottle = bottleOf(typed.bottle, days) ?? onFile?.bottle;
      return {
        input: {
          class: fluid,
          ...(dryC !== null && wetC !== null ? { dryC, wetC } : {}),
          altitudeM: shop.altitudeM,
          // A field left empty keeps the figure on file: three testers are rarely used in one go.
          ...figures,
          ...(bottle ? { bottle } : {}),
          ...fluidReading.held!.own({ shop: shop.limits }),
        },
        entered,
      };
    });
  return (
    <section aria-label="Fluid" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <ReadingCells
          form={form}
          fields={testers}
          width="w-36"
          saidAt={saidAt}
          // After the water its boiling point; whatever comes after that is another tester.
          endsAt={({ id }, index) => index > 0 || typed[id] === ''}
          onEnd={save}
        />
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
            onChange={(bottle) => keep({ ...typed, bottle })}
            options={[
              { value: 'sealed', label: 'Sealed' },
              { value: 'opened', label: 'Opened', tone: 'watch' },
            ]}
          />
        </div>
        {typed.bottle === 'opened' && (
          <ReadingCells form={form} fields={[DAYS]} width="w-36" saidAt={saidAt} onEnd={save} />
        )}
      </div>
      {form.said && (
        <p id={saidAt} role="alert" className="font-semibold text-stop">
          {form.said.why}
        </p>
      )}
      <FluidBounds fluid={fluid} isAssumed={car.fluidClass === null} />
      <FluidSays onFile={onFile} />
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

/** What the readings are held against, and where each bound is from. */
function FluidBounds({ fluid, isAssumed }: { fluid: FluidClass; isAssumed: boolean }) {
  const units = useUnits();
  const limit = useLimits();
  const bound = (name: Parameters<typeof limit>[0], base: BaseUnit, decimals: number) =>
    units.full(limit(name).value, base, decimals);
  return (
    <p className="text-small text-soft">
      {FLUID_CLASSES[fluid].label}
      {isAssumed && ' (assumed: the car’s class is not on file)'}. Water: dry under{' '}
      {bound('dryBelowPct', '%', 1)}, wet from {bound('wetFromPct', '%', 1)}. Boiling: enough from{' '}
      {bound('boilingOkFromC', '°C', 0)}, low under {bound('boilingLowBelowC', '°C', 0)}.{' '}
      {sourcesOf([limit('wetFromPct').from, limit('boilingOkFromC').from])}.
    </p>
  );
}

/** What the reading comes to: where it boils here, the margin, where two testers disagree, the bottle. */
function FluidSays({ onFile }: { onFile?: FluidInput }) {
  const { full, words } = useUnits();
  const read = onFile && readFluid(onFile);
  if (!read?.ok) return null;
  const result = read.value;
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

function bottleOf(choice: string, days: number | undefined): FluidInput['bottle'] {
  if (choice === 'sealed') return { sealed: true };
  if (choice !== 'opened') return undefined;
  return { sealed: false, ...(days === undefined ? {} : { openedDaysAgo: days }) };
}

function sourcesOf(from: readonly (keyof typeof SOURCE_WORDS)[]): string {
  return asSentence(listed([...new Set(from.map((each) => SOURCE_WORDS[each]))]));
}
