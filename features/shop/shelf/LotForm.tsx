'use client';

import { useState } from 'react';
import { parseMeasure } from '@/core/base/units/parse';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import { PART_KIND_IDS, PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { Button } from '@/ui/Button';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { FluidFields } from '../../car/fill/FluidFields';
import { fillBase } from '../../car/fill/typed';
import { sendForm } from '../../queue/forms';
import { newId } from '../../shell/newId';
import type { Refusal } from '../../shell/refusal';
import { refusedField } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { sentNumber } from '../../shell/typedNumber';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useRefresh } from '../../shell/useRefresh';
import { useUnits } from '../../shell/useUnits';

const BLANK = {
  kind: 'fluid' as PartKind,
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
  const refreshPage = useRefresh();
  const [id, setId] = useState(newId);
  const units = useUnits();
  const { currency } = useShop();
  const [draft, keep, forget] = useKeptFigures('lot', BLANK, fillBase);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const fluid = draft.kind === 'fluid';
  const set = (field: keyof typeof BLANK) => (event: { target: { value: string } }) =>
    keep({ ...draft, [field]: event.target.value });
  const errorOf = (field: string) => refusedField(refusal, field);
  const add = async () => {
    const content = {
      kind: draft.kind,
      what:
        draft.what.trim() || (fluid ? `${FLUID_CLASSES[draft.fluidClass as 'DOT4'].label} brake fluid` : ''),
      batch: draft.batch,
      quantity: sentNumber(draft.quantity) ?? '',
      fluidClass: fluid ? draft.fluidClass : null,
      sizeMl: fluid ? (parseMeasure(draft.sizeMl, 'ml') ?? draft.sizeMl) : null,
      dryC: fluid ? units.sent(draft.dry, '°C') : null,
      wetC: fluid ? units.sent(draft.wet, '°C') : null,
      colour: fluid ? draft.colour : '',
      price: sentNumber(draft.price),
    };
    const label = () => `On the shelf: ${content.what} ${content.batch}`.trim();
    const reply = await sendForm({ path: '/api/shelf', id, kind: 'lot', content, label });
    setRefusal(reply.ok ? null : reply.refusal);
    if (!reply.ok) return;
    forget();
    keep({ ...BLANK, kind: draft.kind });
    setId(newId());
    refreshPage();
  };
  return (
    <form
      className="grid gap-3 border-2 border-ink bg-card p-4 sm:grid-cols-3"
      aria-label="Put on the shelf"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <h2 className="text-xl sm:col-span-3">Put on the shelf</h2>
      <SelectField label="Kind" value={draft.kind} onChange={set('kind')}>
        {PART_KIND_IDS.map((kind) => (
          <option key={kind} value={kind}>
            {PART_KINDS[kind]}
          </option>
        ))}
      </SelectField>
      <TextField
        label="What"
        maxLength={120}
        value={draft.what}
        onChange={set('what')}
        error={errorOf('what')}
      />
      <TextField
        label="Batch"
        maxLength={60}
        value={draft.batch}
        onChange={set('batch')}
        error={errorOf('batch')}
      />
      {fluid && (
        <>
          <NumberField
            label="Bottle holds"
            unit="ml"
            value={draft.sizeMl}
            onChange={set('sizeMl')}
            error={errorOf('sizeMl')}
          />
          <FluidFields typed={draft} errorOf={errorOf} onChange={keep} />
        </>
      )}
      <NumberField
        label="How many"
        value={draft.quantity}
        onChange={set('quantity')}
        error={errorOf('quantity')}
      />
      <NumberField
        label="One costs"
        unit={currency}
        value={draft.price}
        onChange={set('price')}
        error={errorOf('price')}
      />
      <div className="flex items-end">
        <Button look="primary" type="submit">
          Put it there
        </Button>
      </div>
      {refusal && !refusal.issues && (
        <p role="alert" className="font-semibold text-stop sm:col-span-3">
          {refusal.message}
        </p>
      )}
    </form>
  );
}
