'use client';

import { createContext, useContext } from 'react';
import { Controller, type FieldPath, get, useFormContext, useWatch } from 'react-hook-form';
import { asSentence } from '@/core/base/sentence';
import { ORIGINS } from '@/core/car/origins';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { DayField } from '../shell/DayField';
import { errorWords } from '../shell/rebase';
import { useUnits } from '../shell/useUnits';
import type { CarDraft } from './carDraft';
import { type FigureSources, measuredKey, originOf } from './figureSources';
import { type NumberSpec, numberError } from './numbers';

type Name = FieldPath<CarDraft>;
type Common = { name: Name; label: string; hint?: string; className?: string };

const Sources = createContext<FigureSources>({ chosen: null });
export const FigureSourcesProvider = Sources.Provider;

/** @param shown a value as the field shows it, to say what is on file by now */
function useField(name: Name, shown = (value: string) => value) {
  const { register, formState, control } = useFormContext<CarDraft>();
  const sources = useContext(Sources);
  const [value, flag] = useWatch({ control, name: [name, measuredName(name)] });
  const origin = originOf(name, value, flag === 'yes', sources);
  const onFile: unknown = get(sources.onFile?.draft, name);
  const isOther = sources.isLeft && onFile !== undefined && onFile !== value;
  const hint = isOther ? `On file: ${onFile === '' ? 'empty' : shown(String(onFile))}` : undefined;
  return {
    register,
    error: errorWords(get(formState.errors, name), () => onFile, shown),
    ...(hint || origin ? { hint: hint ?? asSentence(ORIGINS[origin!]) } : {}),
  };
}

/** Where the form keeps that a figure was measured. */
const measuredName = (name: Name) => `measured.${measuredKey(name)}` as const;

export function FormText({
  name,
  label,
  required,
  ...rest
}: Common & { maxLength?: number; required?: boolean }) {
  const { register, ...told } = useField(name);
  return (
    <TextField
      {...rest}
      {...told}
      label={label}
      {...register(name, required ? { required: `${label}: a name is needed` } : {})}
    />
  );
}

/** A figure, and whether it was measured: said by a key that is there while the field is. */
export function FormNumber({ name, spec, hint, ...rest }: Omit<Common, 'label'> & { spec: NumberSpec }) {
  const units = useUnits();
  const { register, ...told } = useField(name, (value) => `${value} ${units.unit(spec.unit)}`.trim());
  return (
    <div className="group">
      <NumberField
        {...rest}
        hint={hint && units.words(hint)}
        {...told}
        label={spec.label}
        unit={units.unit(spec.unit)}
        {...register(name, { validate: (value) => numberError(String(value), spec, units) ?? true })}
      />
      <MeasuredKey name={name} label={spec.label} />
    </div>
  );
}

function MeasuredKey({ name, label }: { name: Name; label: string }) {
  const { control, setValue } = useFormContext<CarDraft>();
  const [value, flag] = useWatch({ control, name: [name, measuredName(name)] });
  const measured = flag === 'yes';
  if (value === '') return null;
  return (
    <button
      type="button"
      aria-pressed={measured}
      aria-label={`${label}: measured`}
      onClick={() => setValue(measuredName(name), measured ? '' : 'yes', { shouldDirty: true })}
      className="hidden min-h-11 text-small text-soft underline underline-offset-4 group-focus-within:block"
    >
      {measured ? 'Not measured: typed' : 'It was measured'}
    </button>
  );
}

/** A day; what is typed and is none is said, and stays. */
export function FormDay({ name, label }: Common) {
  const { register: _, ...told } = useField(name);
  const { control } = useFormContext<CarDraft>();
  return (
    <Controller
      name={name}
      control={control}
      render={({ field: { value, onChange } }) => (
        <DayField {...told} label={label} value={String(value)} onChange={onChange} />
      )}
    />
  );
}

/** An empty choice is "not known", and stays a choice. */
export function FormSelect({
  name,
  label,
  options,
  known,
  ...rest
}: Common & { options: Record<string, string>; known?: boolean }) {
  const { register, ...told } = useField(name, (value) => `“${options[value] ?? value}”`);
  return (
    <SelectField {...rest} {...told} label={label} {...register(name)}>
      {!known && <option value="">Not known</option>}
      {Object.entries(options).map(([value, word]) => (
        <option key={value} value={value}>
          {word}
        </option>
      ))}
    </SelectField>
  );
}
