'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { FormProvider, type UseFormReturn, useForm } from 'react-hook-form';
import type { CarKind, CarSpec } from '@/core/car/spec';
import { CAR_KINDS, startingSet } from '@/core/car/startingSets';
import { Button } from '@/ui/Button';
import { device, readKept } from '../shell/device';
import { newId } from '../shell/newId';
import type { Refusal } from '../shell/refusal';
import { notTaken, requestForm } from '../shell/request';
import { type Units, unitsIn } from '../shell/units';
import { useKept } from '../shell/useKept';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';
import type { CarDraft } from './carDraft';
import { FIRST_FIELDS, FirstFields } from './FirstFields';
import { FigureSourcesProvider, Part } from './FormFields';
import { draftOf, inOtherUnits, specOf, withStartingSet } from './fields';
import type { FigureSources } from './figureSources';
import { RestFields } from './RestFields';

type Props = {
  car?: { id: string; version: number; spec: CarSpec };
  /** It was wanted for a new complaint, which goes on with it. */
  forComplaint?: boolean;
};

/**
 * The brake specification, entered once; a starting set fills what is usual for the kind, and never what was typed. A new
 * car is twelve answers; the rest is there when it is known.
 */
export function CarForm({ car, forComplaint = false }: Props) {
  const router = useRouter();
  const refreshPage = useRefresh();
  const units = useUnits();
  const [id] = useState(() => car?.id ?? newId());
  const form = useForm<CarDraft>({
    defaultValues: draftOf(car?.spec ?? startingSet('other'), units),
    mode: 'onBlur',
  });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const kept = `bavrin.kept.car-form.${car ? `${car.id}.${car.version}` : 'new'}`;
  const onFile = car?.spec;
  useKeptForm(form, kept, units, onFile);

  const [rest, setRest] = useKept('new-car.rest', false);
  const all = car !== undefined || rest;
  // A new car's kind is that of the starting set put in.
  const kind = form.watch('kind') as CarKind;
  const set = useMemo(
    () => (onFile || kind === 'other' ? null : draftOf(startingSet(kind), units)),
    [onFile, kind, units],
  );
  const figures = useMemo(
    (): FigureSources => ({
      chosen: set,
      ...(onFile ? { onFile: { draft: draftOf(onFile, units), origins: onFile.origins } } : {}),
    }),
    [set, onFile, units],
  );
  const startFrom = (next: CarKind) => {
    const last = set ?? draftOf(startingSet('other'), units);
    form.reset(withStartingSet(form.getValues(), last, draftOf(startingSet(next), units)), {
      keepDefaultValues: true,
    });
  };
  const save = form.handleSubmit(async (draft) => {
    setBusy(true);
    const spec = specOf(draft, units, sourcesOf(draft, onFile), figures);
    const reply = car
      ? await requestForm('PUT', `/api/cars/${car.id}`, {
          kind: 'car',
          content: spec,
          beside: { version: car.version },
        })
      : await requestForm('POST', '/api/cars', { kind: 'car', content: spec, beside: { id } });
    setBusy(false);
    if (!reply.ok) {
      setRefusal(reply.refusal);
      if (reply.refusal.issues?.some(({ path }) => !FIRST_FIELDS.includes(path))) setRest(true);
      for (const issue of reply.refusal.issues ?? []) {
        const field = issue.path.replace(/\.pistonsMm.*/, '.pistons').replace(/\[.*$/, '') as keyof CarDraft;
        form.setError(field, { message: notTaken(issue) }, { shouldFocus: true });
      }
      return;
    }
    device.remove(kept);
    if (!car) setRest(false);
    router.push(forComplaint ? `/job/new?car=${id}` : `/car/${id}`);
    refreshPage();
  });

  return (
    <main id="main" className="mx-auto max-w-5xl p-5">
      <h1 className="mb-1 text-3xl">{car ? car.spec.name : 'A new car'}</h1>
      <p className="mb-4 text-soft">
        What nobody knows yet stays empty. The maker’s figures come first; starting sets are common practice.
      </p>
      <FormProvider {...form}>
        <FigureSourcesProvider value={figures}>
          <form onSubmit={(event) => void save(event)} className="grid gap-6" noValidate>
            {!car && (
              <section aria-label="Start from">
                <p className="narrow mb-1 font-semibold">Start from</p>
                <div className="grid gap-2 sm:grid-cols-2 desk:grid-cols-4">
                  {(Object.keys(CAR_KINDS) as CarKind[])
                    .filter((each) => each !== 'other')
                    .map((each) => (
                      <button
                        key={each}
                        type="button"
                        aria-pressed={kind === each}
                        onClick={() => startFrom(each)}
                        className="min-h-20 border-2 border-ink bg-card p-3 text-left hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
                      >
                        <b className="narrow block text-lg">{CAR_KINDS[each].label}</b>
                        <span className="text-small opacity-85">{CAR_KINDS[each].about}</span>
                      </button>
                    ))}
                </div>
              </section>
            )}
            <Part title="What a diagnosis needs">
              <FirstFields />
            </Part>
            {all ? (
              <RestFields />
            ) : (
              <div>
                <Button onClick={() => setRest(true)}>The rest, where it is known</Button>
                <span className="ml-3 text-soft">
                  Mass, pedal, pistons, thicknesses, lines, torques, limits
                </span>
              </div>
            )}
            {refusal && (
              <p role="alert" className="border-l-[6px] border-stop bg-stop-wash p-3 font-semibold text-stop">
                {refusal.message}{' '}
                {refusal.code === 'stale' &&
                  'Yours is kept here: open the car in another tab to compare, then save again from a fresh page.'}
              </p>
            )}
            <div className="sticky bottom-0 -mx-5 flex gap-3 border-t border-rule bg-sheet px-5 py-2">
              <Button look="primary" type="submit" disabled={busy}>
                {busy ? 'Saving …' : 'Save the car'}
              </Button>
              <Button look="quiet" onClick={() => router.back()}>
                Leave it
              </Button>
            </div>
          </form>
        </FigureSourcesProvider>
      </FormProvider>
    </main>
  );
}

/** Cars whose figures may stand in the form as they are on file, or in a starting set. */
function sourcesOf(draft: CarDraft, onFile: CarSpec | undefined): CarSpec[] {
  return onFile ? [onFile] : [startingSet(draft.kind as CarKind)];
}

/** What was typed survives a reload until it is saved, and another choice of units at any time. */
function useKeptForm(
  form: UseFormReturn<CarDraft>,
  key: string,
  units: Units,
  onFile: CarSpec | undefined,
): void {
  const shown = useRef(units);
  useEffect(() => {
    if (shown.current === units) return;
    const draft = form.getValues();
    const next = inOtherUnits(draft, sourcesOf(draft, onFile), shown.current, units);
    shown.current = units;
    form.reset(next, { keepDefaultValues: true });
  }, [form, units, onFile]);
  // Before anything can be pressed, as in `useKept`.
  useLayoutEffect(() => {
    const kept = readKept(key, { draft: form.getValues(), units: shown.current.choice });
    if (kept) {
      const draft = { ...form.getValues(), ...kept.draft };
      const next = inOtherUnits(draft, sourcesOf(draft, onFile), unitsIn(kept.units), shown.current);
      form.reset(next, { keepDefaultValues: true });
    }
    const watching = form.watch(
      (draft) => void device.write(key, JSON.stringify({ draft, units: shown.current.choice })),
    );
    return () => watching.unsubscribe();
  }, [form, key, onFile]);
}
