'use client';

import { type FieldPath, get, useFormContext } from 'react-hook-form';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { type CarDraft, type NumberSpec, numberError } from './fields';

type Name = FieldPath<CarDraft>;
type Common = { name: Name; label: string; hint?: string; className?: string };

function useField(name: Name) {
  const { register, formState } = useFormContext<CarDraft>();
  return { register, error: (get(formState.errors, name) as { message?: string } | undefined)?.message };
}

export function FormText({
  name,
  label,
  required,
  ...rest
}: Common & { type?: string; maxLength?: number; required?: boolean }) {
  const { register, error } = useField(name);
  return (
    <TextField
      {...rest}
      label={label}
      error={error}
      {...register(name, required ? { required: `${label}: a name is needed` } : {})}
    />
  );
}

export function FormNumber({ name, spec, ...rest }: Omit<Common, 'label'> & { spec: NumberSpec }) {
  const { register, error } = useField(name);
  return (
    <NumberField
      {...rest}
      label={spec.label}
      unit={spec.unit}
      error={error}
      {...register(name, { validate: (value) => numberError(String(value), spec) ?? true })}
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
  const { register, error } = useField(name);
  return (
    <SelectField {...rest} label={label} error={error} {...register(name)}>
      {!known && <option value="">Not known</option>}
      {Object.entries(options).map(([value, word]) => (
        <option key={value} value={value}>
          {word}
        </option>
      ))}
    </SelectField>
  );
}
