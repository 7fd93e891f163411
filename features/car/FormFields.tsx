'use client';

import { createContext, type ReactNode, useContext } from 'react';
import { Controller, type FieldPath, get, useFormContext, useWatch } from 'react-hook-form';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { DayField } from '../shell/DayField';
import { useUnits } from '../shell/useUnits';
import { type CarDraft, type NumberSpec, numberError } from './fields';

type Name = FieldPath<CarDraft>;
type Common = { name: Name; label: string; hint?: string; className?: string };

/** The starting set that stands in the form, where one was chosen: what still is its own says so. */
const StartingSet = createContext<CarDraft | null>(null);
export const StartingSetProvider = StartingSet.Provider;

function useField(name: Name) {
  const { register, formState, control } = useFormContext<CarDraft>();
  const set = useContext(StartingSet);
  const value = useWatch({ control, name });
  const fromSet = set !== null && value !== '' && get(set, name) === value;
  return {
    register,
    error: (get(formState.errors, name) as { message?: string } | undefined)?.message,
    ...(fromSet ? { hint: 'From the starting set' } : {}),
  };
}

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

export function FormNumber({ name, spec, hint, ...rest }: Omit<Common, 'label'> & { spec: NumberSpec }) {
  const { register, ...told } = useField(name);
  const units = useUnits();
  return (
    <NumberField
      {...rest}
      hint={hint && units.words(hint)}
      {...told}
      label={spec.label}
      unit={units.unit(spec.unit)}
      {...register(name, { validate: (value) => numberError(String(value), spec, units) ?? true })}
    />
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
  const { register, ...told } = useField(name);
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

/** A part of the form under its name. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">{title}</legend>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">{children}</div>
    </fieldset>
  );
}
