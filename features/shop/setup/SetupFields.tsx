'use client';

import { createContext, useContext } from 'react';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import type { SetupEditing, SetupName } from './useSetupForm';

type Named = { name: SetupName; label: string; hint?: string };

const Context = createContext<SetupEditing | null>(null);
export const SetupProvider = Context.Provider;

/** The settings while they are typed. */
export function useSetup(): SetupEditing {
  const form = useContext(Context);
  if (!form) throw new Error('A field of the setup stands outside its form.');
  return form;
}

export function SetupText({ name, ...rest }: Named & { maxLength?: number }) {
  return <TextField {...rest} {...useSetup().field(name)} />;
}

export function SetupNumber({ name, ...rest }: Named & { unit: string; placeholder?: string }) {
  return <NumberField {...rest} {...useSetup().field(name, (value) => `${value} ${rest.unit}`.trim())} />;
}

/** One of several, by what it is called. */
export function SetupSelect({ name, options, ...rest }: Named & { options: Record<string, string> }) {
  return (
    <SelectField {...rest} {...useSetup().field(name, (value) => `“${options[value] ?? value}”`)}>
      {Object.entries(options).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </SelectField>
  );
}
