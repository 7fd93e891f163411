'use client';

import { parseMeasure } from '@/core/base/units/parse';
import { FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import { PART_KIND_IDS, PART_KINDS } from '@/core/planning/shelf/parts';
import { Button } from '@/ui/Button';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import { FluidFields } from '../../car/fill/FluidFields';
import { fillBase } from '../../car/fill/typed';
import { useAddingForm } from '../../queue/useAddingForm';
import { useShop } from '../../shell/ShopContext';
import { sentNumber } from '../../shell/typedNumber';
import type { Units } from '../../shell/units';
import { useUnits } from '../../shell/useUnits';

const BLANK = {
  kind: 'fluid',
  what: '',
  batch: '',
  quantity: '1',
  fluidClass: 'DOT4',
  sizeMl: '500',
  dry: '',
  wet: '',
  colour: '',
  price: '',
};

/** Puts a lot on the shelf. */
export function LotForm() {
  const units = useUnits();
  const { currency } = useShop();
  const form = useAddingForm({
    ...{ name: 'lot', initial: BLANK, baseOf: fillBase, stays: ['kind'] },
    adding: (typed) => {
      const content = readLot(typed, units);
      return {
        path: '/api/shelf',
        kind: 'lot',
        content,
        label: () => `On the shelf: ${content.what} ${content.batch}`.trim(),
      };
    },
  });
  const { typed, errorOf } = form;
  return (
    <form
      className="grid gap-3 border-2 border-ink bg-card p-4 sm:grid-cols-3"
      aria-label="Put on the shelf"
      onSubmit={form.onSubmit}
    >
      <h2 className="text-xl sm:col-span-3">Put on the shelf</h2>
      <SelectField label="Kind" {...form.field('kind')}>
        {PART_KIND_IDS.map((kind) => (
          <option key={kind} value={kind}>
            {PART_KINDS[kind]}
          </option>
        ))}
      </SelectField>
      <TextField label="What" maxLength={120} {...form.field('what')} />
      <TextField label="Batch" maxLength={60} {...form.field('batch')} />
      {typed.kind === 'fluid' && (
        <>
          <NumberField label="Bottle holds" unit="ml" {...form.field('sizeMl')} />
          <FluidFields typed={typed} errorOf={errorOf} onChange={form.set} />
        </>
      )}
      <NumberField label="How many" {...form.field('quantity')} />
      <NumberField label="One costs" unit={currency} {...form.field('price')} />
      <div className="flex items-end">
        <Button look="primary" type="submit">
          Put it there
        </Button>
      </div>
      <Trouble className="sm:col-span-3">{form.trouble}</Trouble>
    </form>
  );
}

/** A lot as the server takes it; what is of a fluid is of nothing else. */
function readLot(typed: typeof BLANK, units: Units) {
  const isFluid = typed.kind === 'fluid';
  const usual = isFluid ? `${FLUID_CLASSES[typed.fluidClass as FluidClass].label} brake fluid` : '';
  return {
    kind: typed.kind,
    what: typed.what.trim() || usual,
    batch: typed.batch,
    quantity: sentNumber(typed.quantity) ?? '',
    fluidClass: isFluid ? typed.fluidClass : null,
    sizeMl: isFluid ? (parseMeasure(typed.sizeMl, 'ml') ?? typed.sizeMl) : null,
    dryC: isFluid ? units.sent(typed.dry, '°C') : null,
    wetC: isFluid ? units.sent(typed.wet, '°C') : null,
    colour: isFluid ? typed.colour : '',
    price: sentNumber(typed.price),
  };
}
