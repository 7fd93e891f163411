'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { type UseFormReturn, useForm } from 'react-hook-form';
import type { CarKind, CarSpec } from '@/core/car/spec';
import { startingSet } from '@/core/car/startingSets';
import { device } from '../shell/device';
import { markRefused } from '../shell/markRefused';
import { newId } from '../shell/newId';
import { rebased } from '../shell/rebase';
import type { Refusal } from '../shell/refusal';
import { requestForm } from '../shell/request';
import type { Units } from '../shell/units';
import { useKept } from '../shell/useKept';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';
import type { CarDraft, CarOnFile } from './carDraft';
import { FIRST_FIELDS } from './FirstFields';
import { draftOf, specOf } from './fields';
import type { FigureSources } from './figureSources';
import { sourcesOf, useKeptForm } from './useKeptForm';

export type CarAsked = {
  car?: CarOnFile;
  /** It was wanted for a new complaint, which goes on with it. */
  forComplaint?: boolean;
};

/** A specification while it is typed: kept on this device until it is saved, each refusal at its field. */
export function useCarForm({ car, forComplaint = false }: CarAsked) {
  const router = useRouter();
  const units = useUnits();
  const [id] = useState(() => car?.id ?? newId());
  const onFile = car?.spec;
  const form = useForm<CarDraft>({
    defaultValues: draftOf(onFile ?? startingSet('other'), units),
    mode: 'onBlur',
  });
  const [rest, setRest] = useKept('new-car.rest', false);
  const kept = `bavrin.kept.car-form.${car?.id ?? 'new'}`;
  const left = useKeptForm(form, kept, units, car);
  const { figures, ...start } = useFigures(form, units, onFile, left.leftAt !== null);
  const saving = useSaving(form, {
    ...{ id, version: car?.version },
    contentOf: (draft) => specOf(draft, units, sourcesOf(draft, onFile), figures),
    refused({ issues }) {
      if (issues?.some(({ path }) => !FIRST_FIELDS.includes(path))) setRest(true);
    },
    saved() {
      device.remove(kept);
      if (!car) setRest(false);
      router.push(forComplaint ? `/job/new?car=${id}` : `/car/${id}`);
    },
  });
  return {
    ...{ form, figures, ...start, ...saving, left },
    /** Whether every field is shown, and not only what a diagnosis needs. */
    all: car !== undefined || rest,
    showRest: () => setRest(true),
    leave: () => router.back(),
  };
}

type Saving = {
  id: string;
  /** The version that is changed; a new car has none. */
  version: number | undefined;
  contentOf: (draft: CarDraft) => object;
  refused: (refusal: Refusal) => void;
  saved: () => void;
};

/** Sends the form, and says at its fields what was not taken. */
function useSaving(form: UseFormReturn<CarDraft>, { id, version, contentOf, refused, saved }: Saving) {
  const refreshPage = useRefresh();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const send = form.handleSubmit(async (draft) => {
    const content = contentOf(draft);
    const reply =
      version === undefined
        ? await requestForm('POST', '/api/cars', { kind: 'car', content, beside: { id } })
        : await requestForm('PUT', `/api/cars/${id}`, { kind: 'car', content, beside: { version } });
    if (reply.ok) saved();
    else {
      setRefusal(reply.refusal);
      refused(reply.refusal);
      markRefused(form, reply.refusal, fieldOf);
    }
    // Of a car changed meanwhile what is new comes into the form, under what was typed.
    if (reply.ok || reply.refusal.code === 'stale') refreshPage();
  });
  return {
    refusal,
    busy: form.formState.isSubmitting,
    save() {
      // What was said of a change on file has been read: only what is wrong now may hold it back.
      form.clearErrors();
      void send();
    },
  };
}

/** The form's name of a field: a list is one field. */
function fieldOf(path: string): string {
  return path.replace(/\.pistonsMm.*/, '.pistons').replace(/\[.*$/, '');
}

/** Where the figures that stand in the form come from: a starting set, or what is on file. */
function useFigures(
  form: UseFormReturn<CarDraft>,
  units: Units,
  onFile: CarSpec | undefined,
  isLeft: boolean,
) {
  // A new car's kind is that of the starting set put in.
  const kind = form.watch('kind') as CarKind;
  const set = useMemo(
    () => (onFile || kind === 'other' ? null : draftOf(startingSet(kind), units)),
    [onFile, kind, units],
  );
  const figures = useMemo(
    (): FigureSources => ({
      chosen: set,
      isLeft,
      ...(onFile ? { onFile: { draft: draftOf(onFile, units), origins: onFile.origins } } : {}),
    }),
    [set, onFile, units, isLeft],
  );
  return {
    kind,
    figures,
    /** Puts another starting set in; what was typed stays. */
    startFrom(next: CarKind) {
      const last = set ?? draftOf(startingSet('other'), units);
      form.reset(rebased(form.getValues(), last, draftOf(startingSet(next), units)), {
        keepDefaultValues: true,
      });
    },
  };
}
