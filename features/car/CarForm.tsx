'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import type { CarKind, CarSpec } from '@/core/car/spec';
import { CAR_KINDS, startingSet } from '@/core/car/startingSets';
import { TORQUE_IDS } from '@/core/car/torques';
import { FLUID_CLASS_IDS, FLUID_CLASSES } from '@/core/fluid/classes';
import { Button } from '@/ui/Button';
import { device, readKept } from '../shell/device';
import { newId } from '../shell/newId';
import type { Refusal } from '../shell/outbox';
import { notTaken, requestForm } from '../shell/request';
import { AxleFields } from './AxleFields';
import { FormNumber, FormSelect, FormText } from './FormFields';
import { CAR_NUMBERS, type CarDraft, draftOf, specOf, torqueSpec } from './fields';

type Props = { car?: { id: string; version: number; spec: CarSpec } };

/** The brake specification, entered once; a starting set fills what is usual for the kind. */
export function CarForm({ car }: Props) {
  const router = useRouter();
  const [id] = useState(() => car?.id ?? newId());
  const form = useForm<CarDraft>({
    defaultValues: draftOf(car?.spec ?? startingSet('other')),
    mode: 'onBlur',
  });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const kept = `bavrin.kept.car.${car ? `${car.id}.${car.version}` : 'new'}`;
  useKeptForm(form, kept);

  const startFrom = (kind: CarKind) => {
    const { name, note } = form.getValues();
    form.reset({ ...draftOf(startingSet(kind)), name, note }, { keepDefaultValues: true });
  };
  const save = form.handleSubmit(async (draft) => {
    setBusy(true);
    const spec = specOf(draft);
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
      for (const issue of reply.refusal.issues ?? []) {
        const field = issue.path
          .replace(/\.pistonsMm.*/, '.pistons')
          .replace('torquesNm', 'torques')
          .replace(/\[.*$/, '') as keyof CarDraft;
        form.setError(field, { message: notTaken(issue) }, { shouldFocus: true });
      }
      return;
    }
    device.remove(kept);
    router.push(`/car/${id}`);
    router.refresh();
  });

  return (
    <main id="main" className="mx-auto max-w-5xl p-5">
      <h1 className="mb-1 text-3xl">{car ? car.spec.name : 'A new car'}</h1>
      <p className="mb-4 text-soft">
        What nobody knows yet stays empty. The maker’s figures come first; starting sets are common practice.
      </p>
      <FormProvider {...form}>
        <form onSubmit={(event) => void save(event)} className="grid gap-6" noValidate>
          {!car && (
            <section aria-label="Start from">
              <p className="narrow mb-1 font-semibold">Start from</p>
              <div className="grid gap-2 sm:grid-cols-2 desk:grid-cols-4">
                {(Object.keys(CAR_KINDS) as CarKind[])
                  .filter((kind) => kind !== 'other')
                  .map((kind) => (
                    <button
                      key={kind}
                      type="button"
                      aria-pressed={form.watch('kind') === kind}
                      onClick={() => startFrom(kind)}
                      className="min-h-20 border-2 border-ink bg-card p-3 text-left hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
                    >
                      <b className="narrow block text-lg">{CAR_KINDS[kind].label}</b>
                      <span className="text-[0.9375rem] opacity-85">{CAR_KINDS[kind].about}</span>
                    </button>
                  ))}
              </div>
            </section>
          )}
          <Part title="The car">
            <FormText
              name="name"
              label="What the shop calls it"
              className="sm:col-span-2"
              maxLength={120}
              required
            />
            <FormText name="note" label="Note" className="sm:col-span-2" maxLength={400} />
            <FormSelect
              name="driveSide"
              label="Driven from the"
              options={{ left: 'Left', right: 'Right' }}
              hint="Says which line is furthest"
            />
            <FormNumber name="massKg" spec={CAR_NUMBERS.massKg!} />
            <FormNumber name="tyreRadiusM" spec={CAR_NUMBERS.tyreRadiusM!} />
            <FormNumber name="frontShare" spec={CAR_NUMBERS.frontShare!} hint="0.7 unless somebody knows" />
          </Part>
          <Part title="Pedal, master, assist">
            <FormNumber name="masterBoreMm" spec={CAR_NUMBERS.masterBoreMm!} hint="7/8 in is taken too" />
            <FormNumber name="pedalRatio" spec={CAR_NUMBERS.pedalRatio!} />
            <FormSelect
              name="assist"
              label="Assist"
              options={{ vacuum: 'Vacuum booster', hydraulic: 'Hydraulic', none: 'None' }}
            />
            <FormSelect name="abs" label="ABS" options={{ yes: 'Yes', no: 'No' }} />
            <FormSelect
              name="stabilityControl"
              label="Stability control"
              options={{ yes: 'Yes', no: 'No' }}
            />
            <FormSelect
              name="parkingBrake"
              label="Parking brake"
              options={{
                in_caliper: 'In the caliper',
                drum_in_hat: 'Drum in the hat',
                lever_only: 'Lever and shoes',
                none: 'None',
              }}
            />
          </Part>
          <Part title="Fluid">
            <FormSelect
              name="fluidClass"
              label="Class"
              options={Object.fromEntries(FLUID_CLASS_IDS.map((each) => [each, FLUID_CLASSES[each].label]))}
            />
            <FormNumber name="fluidDryC" spec={CAR_NUMBERS.fluidDryC!} hint="The product’s own, if better" />
            <FormNumber name="fluidWetC" spec={CAR_NUMBERS.fluidWetC!} />
            <FormText name="fluidFilledOn" label="Last filled" type="date" />
            <FormNumber
              name="bleedCeilingKPa"
              spec={CAR_NUMBERS.bleedCeilingKPa!}
              hint="200 kPa unless the maker says"
            />
            <FormText
              name="makerOrder"
              label="Maker’s bleed order"
              hint="Such as RR RL FR FL; empty: computed"
            />
          </Part>
          <AxleFields axle="front" />
          <AxleFields axle="rear" />
          <Part title="The maker’s torques">
            {TORQUE_IDS.map((each) => (
              <FormNumber key={each} name={`torques.${each}`} spec={torqueSpec(each)} />
            ))}
          </Part>
          {refusal && (
            <p role="alert" className="border-l-[6px] border-stop bg-stop-wash p-3 font-semibold text-stop">
              {refusal.message}{' '}
              {refusal.code === 'stale' &&
                'Yours is kept here: open the car in another tab to compare, then save again from a fresh page.'}
            </p>
          )}
          <div className="flex gap-3">
            <Button look="primary" type="submit" disabled={busy}>
              {busy ? 'Saving …' : 'Save the car'}
            </Button>
            <Button look="quiet" onClick={() => router.back()}>
              Leave it
            </Button>
          </div>
        </form>
      </FormProvider>
    </main>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">{title}</legend>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">{children}</div>
    </fieldset>
  );
}

/** What was typed survives a reload until it is saved. */
function useKeptForm(form: ReturnType<typeof useForm<CarDraft>>, key: string): void {
  useEffect(() => {
    const kept = readKept(key, form.getValues());
    if (kept) form.reset(kept, { keepDefaultValues: true });
    const watching = form.watch((values) => void device.write(key, JSON.stringify(values)));
    return () => watching.unsubscribe();
  }, [form, key]);
}
