'use client';

import { useState } from 'react';
import { type DefaultValues, type Path, type PathValue, type UseFormReturn, useForm } from 'react-hook-form';
import type { BaseOf } from '@/core/base/units/retype';
import { markRefused } from '../shell/markRefused';
import { newId } from '../shell/newId';
import { sendsAnew } from '../shell/sendsAnew';
import { useKeptFigures } from '../shell/useKeptFigures';
import { useRefresh } from '../shell/useRefresh';
import { useShowKept } from '../shell/useShowKept';
import { type AddingForm, sendForm } from './forms';

type Asked<T> = {
  /** What is typed is kept on this device under this name until it is added. */
  name: string;
  initial: T;
  /** The unit each figure stands in; the same function each time. */
  baseOf: BaseOf;
  /** What is added, of what was typed. */
  adding: (typed: T) => Omit<AddingForm, 'id'>;
  /** What stays as it is for the next one. */
  stays?: readonly (keyof T)[];
  onDone?: () => void;
};

/** For a form without figures that have another unit. */
export const noUnits: BaseOf = () => undefined;

/**
 * A form that adds one thing to what is on file: kept while it is typed, sent or left waiting like any entry, each refusal at its field.
 * It is added once, however often it is sent.
 */
export function useAddingForm<T extends Record<string, string>>({
  name,
  initial,
  baseOf,
  adding,
  stays = [],
  onDone,
}: Asked<T>) {
  const refreshPage = useRefresh();
  const [id, setId] = useState(newId);
  const [kept, keep, forget] = useKeptFigures<T>(name, initial, baseOf);
  const form = useForm<T>({ defaultValues: kept as DefaultValues<T> });
  useShowKept(form, kept);
  const set = (changes: Partial<T>) => {
    for (const [field, value] of Object.entries(changes))
      form.setValue(field as Path<T>, value as PathValue<T, Path<T>>);
    keep(form.getValues());
  };
  const send = form.handleSubmit(async (draft) => {
    const reply = await sendForm({ ...adding(draft), id });
    if (!reply.ok) {
      markRefused(form, reply.refusal);
      return;
    }
    const next = { ...initial, ...Object.fromEntries(stays.map((field) => [field, draft[field]])) };
    form.reset(next);
    keep(next);
    forget();
    setId(newId());
    onDone?.();
    if (!reply.kept) refreshPage();
  });
  return { ...fieldsOf(form, set), set, onSubmit: sendsAnew(form, send) };
}

/** What stands in a form, field by field, and what is wrong with it. */
function fieldsOf<T extends Record<string, string>>(
  form: UseFormReturn<T>,
  set: (changes: Partial<T>) => void,
) {
  const typed = form.watch();
  const { errors } = form.formState;
  const errorOf = (path: string) => errors[path]?.message as string | undefined;
  return {
    typed,
    /** A field that is typed in, and what is wrong with it by the server's name for it. */
    field: (field: keyof T & string, path: string = field) => ({
      value: typed[field] as string,
      error: errorOf(path),
      onChange: (event: { target: { value: string } }) => set({ [field]: event.target.value } as Partial<T>),
    }),
    errorOf,
    /** What is wrong with the whole of it. */
    trouble: errors.root?.message,
  };
}
