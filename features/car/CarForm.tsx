'use client';

import { FormProvider, useWatch } from 'react-hook-form';
import type { CarKind } from '@/core/car/spec';
import { CAR_KINDS } from '@/core/car/startingSets';
import { Button } from '@/ui/Button';
import { Part } from '@/ui/Part';
import { type LeftBehind, LeftLine } from '../shell/LeftLine';
import { LOOK_OVER } from '../shell/rebase';
import type { CarDraft } from './carDraft';
import { FirstFields } from './FirstFields';
import { FigureSourcesProvider } from './FormFields';
import { RestFields } from './RestFields';
import { type CarAsked, useCarForm } from './useCarForm';

/**
 * The brake specification, entered once; a starting set fills what is usual for the kind, and never what was typed. A new
 * car is twelve answers; the rest is there when it is known.
 */
export function CarForm({ car, forComplaint }: CarAsked) {
  const { form, figures, refusal, busy, left, ...asked } = useCarForm({ car, forComplaint });
  return (
    <main id="main" className="mx-auto max-w-5xl p-5">
      <h1 className="mb-1 text-3xl">{car ? car.spec.name : 'A new car'}</h1>
      <p className="mb-4 text-soft">
        What nobody knows yet stays empty. The maker’s figures come first; starting sets are common practice.
      </p>
      <FormProvider {...form}>
        <Left left={left} isNew={!car} />
        <FigureSourcesProvider value={figures}>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              asked.save();
            }}
            className="grid gap-6"
            noValidate
          >
            {!car && <StartFrom kind={asked.kind} onStart={asked.startFrom} />}
            <Part wide title="What a diagnosis needs">
              <FirstFields />
            </Part>
            {asked.all ? (
              <RestFields />
            ) : (
              <div>
                <Button onClick={asked.showRest}>The rest, where it is known</Button>
                <span className="ml-3 text-soft">
                  Mass, pedal, pistons, thicknesses, lines, torques, limits
                </span>
              </div>
            )}
            {refusal && (
              <p role="alert" className="border-l-[6px] border-stop bg-stop-wash p-3 font-semibold text-stop">
                {refusal.message} {refusal.code === 'stale' && LOOK_OVER}
              </p>
            )}
            <div className="sticky bottom-0 -mx-5 flex gap-3 border-t border-rule bg-sheet px-5 py-2">
              <Button look="primary" type="submit" disabled={busy}>
                {busy ? 'Saving …' : 'Save the car'}
              </Button>
              <Button look="quiet" onClick={asked.leave}>
                Leave it
              </Button>
            </div>
          </form>
        </FigureSourcesProvider>
      </FormProvider>
    </main>
  );
}

/** What was typed into this form before and not saved. */
function Left({ left, isNew }: { left: LeftBehind<CarDraft>; isNew: boolean }) {
  const draft = useWatch() as CarDraft;
  return <LeftLine left={left} draft={draft} back={isNew ? 'Start afresh' : 'As it is on file'} />;
}

/** What is usual for a kind of car, put in where nothing was typed. */
function StartFrom({ kind, onStart }: { kind: CarKind; onStart: (kind: CarKind) => void }) {
  return (
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
              onClick={() => onStart(each)}
              className="min-h-20 border-2 border-ink bg-card p-3 text-left hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
            >
              <b className="narrow block text-lg">{CAR_KINDS[each].label}</b>
              <span className="text-small opacity-85">{CAR_KINDS[each].about}</span>
            </button>
          ))}
      </div>
    </section>
  );
}
