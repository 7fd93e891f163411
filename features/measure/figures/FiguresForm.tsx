'use client';

import { axleOf, type Corner } from '@/core/car/corner';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { ReadingRow } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { type FluidInput, readFluid } from '@/core/readings/fluid/fluid';
import { MEASURES } from '@/core/readings/measures';
import { Button } from '@/ui/Button';
import { Timer } from '@/ui/Timer';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { OnFile } from '../OnFile';
import { ReadingCells } from '../ReadingCells';
import { type ReadingField, typedBase } from '../readFields';
import { useLimits } from '../useLimit';
import { type OnDone, useReading } from '../useReading';
import { useReadingForm } from '../useReadingForm';
import { useTyped } from '../useTyped';
import type { FigureForm, Surroundings } from './figureForm';
import { FIGURE_FORMS, type FigureFormId } from './forms';

type Props = { form: FigureFormId; corner?: Corner; onDone?: OnDone };

/** A reading of a few figures: typed or sent by a gauge, held against its limits, written down with Enter on the last. */
export function FiguresForm({ form: id, corner, onDone }: Props) {
  const figures: FigureForm = FIGURE_FORMS[id];
  const { kind, label: title } = MEASURES[id];
  const slot = useReading(kind, corner);
  const around = useSurroundings(corner);
  const fields = figures.fields(around);
  const [typed, keep] = useTypedOver(kind, corner, fields, slot.head && figures.values(slot.head.input!));
  const form = useReadingForm<string, Record<string, string>>({
    ...{ fields, slot, typed, keep, clear: () => keep(null), onDone },
    cells: `${kind}-${corner ?? 'car'}`,
  });
  const save = () =>
    form.take(({ values }) => {
      const input = figures.input(values as Record<string, number>, around);
      return input ? { input } : { why: 'Nothing has been read yet', at: fields[0]!.id };
    });
  const at = corner ? ` ${corner}` : '';
  const said = form.wrong ?? form.said;
  return (
    <section aria-label={`${title}${at}`} className="mt-2 grid gap-2">
      <p className="text-small text-soft">{figures.about}</p>
      {figures.timerS && <Timer seconds={figures.timerS} label={`Time ${figures.timerS} s`} />}
      <div
        className={figures.isTable ? 'grid grid-cols-3 gap-x-3 gap-y-1' : 'flex flex-wrap gap-x-3 gap-y-1'}
      >
        <ReadingCells form={form} of={corner} width={figures.isTable ? '' : 'w-40'} onEnd={save} />
      </div>
      {said && (
        <p role="alert" className="font-semibold text-stop">
          {said.why}
        </p>
      )}
      <LimitsLine lines={figures.limits(around)} />
      <div className="flex flex-wrap gap-3">
        <Button onClick={save} disabled={slot.closed}>
          {slot.head ? `Correct ${figures.take}${at}` : `Take ${figures.take}${at}`}
        </Button>
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

/** What the figures are held against, and where each limit is from. */
function LimitsLine({ lines }: { lines: ReturnType<FigureForm['limits']> }) {
  const units = useUnits();
  return (
    <p className="text-small text-soft">
      {lines.map(([words, { value, from }, unit, decimals], index) => (
        <span key={words}>
          {index > 0 && ', '}
          {words} <span className="reading">{units.full(value, unit, decimals)}</span> ({SOURCE_WORDS[from]})
        </span>
      ))}
      .
    </p>
  );
}

function useSurroundings(corner: Corner | undefined): Surroundings {
  const { sheet } = useSettledJob();
  const { limits: shop } = useShop();
  const limit = useLimits();
  return {
    car: sheet.car,
    corner,
    axle: corner && sheet.car[axleOf(corner)],
    shop,
    limit,
    fluidBoilingHereC: fluidBoilingHere(sheet.readings),
  };
}

/** What is typed; until something is, what is on file stands there, to be corrected. */
function useTypedOver(
  kind: string,
  corner: Corner | undefined,
  fields: readonly ReadingField[],
  onFile: Record<string, number> = {},
) {
  const { sheet } = useSettledJob();
  const units = useUnits();
  const baseOf = (name: string | undefined) => {
    const field = fields.find(({ id }) => id === name);
    return field && typedBase(field);
  };
  const [kept, keep] = useTyped<Record<string, string> | null>(
    `${kind}.${sheet.job.id}.${corner ?? 'car'}`,
    null,
    baseOf,
  );
  const standing = Object.entries(onFile).map(([name, value]) => {
    const base = baseOf(name);
    return [name, base === undefined ? String(value) : units.asTyped(value, base)];
  });
  return [kept ?? (Object.fromEntries(standing) as Record<string, string>), keep] as const;
}

/** Where the fluid of this job boils here, by its newest reading. */
function fluidBoilingHere(readings: readonly ReadingRow[]): number | undefined {
  const input = headOf(readings, 'before', (row) => row.kind === 'fluid')?.input;
  if (!input) return undefined;
  const outcome = readFluid(input as FluidInput);
  return outcome.ok ? (outcome.value.boilingHereC ?? undefined) : undefined;
}
