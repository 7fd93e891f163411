'use client';

import { createContext, type ReactNode, useContext } from 'react';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import type { SetupForm, SetupName } from './useSetupForm';

type Named = { name: SetupName; label: string; hint?: string };

const Context = createContext<SetupForm | null>(null);
export const SetupProvider = Context.Provider;

/** The settings while they are typed. */
export function useSetup(): SetupForm {
  const form = useContext(Context);
  if (!form) throw new Error('A field of the setup stands outside its form.');
  return form;
}

export function SetupText({ name, ...rest }: Named & { maxLength?: number }) {
  return <TextField {...rest} {...useSetup().field(name)} />;
}

export function SetupNumber({ name, ...rest }: Named & { unit: string; placeholder?: string }) {
  return <NumberField {...rest} {...useSetup().field(name)} />;
}

/** One of several, by what it is called. */
export function SetupSelect({ name, options, ...rest }: Named & { options: Record<string, string> }) {
  return (
    <SelectField {...rest} {...useSetup().field(name)}>
      {Object.entries(options).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </SelectField>
  );
}

export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">{title}</legend>
      <div className="grid gap-4 sm:grid-cols-2">{children}</div>
    </fieldset>
  );
}
