'use client';

import { Button, buttonClass } from '@/ui/Button';
import { TextArea, TextField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { Trouble } from '@/ui/Trouble';
import { DayField } from '../shell/DayField';
import { CarPicker } from './CarPicker';
import { HeardSoFar } from './complaint/HeardSoFar';
import { type NewJobAsked, useNewJob } from './useNewJob';

type Props = NewJobAsked & { cars: { id: string; name: string; note: string }[] };

/** Opens a job: which car, and what the driver says. */
export function NewJob(props: Props) {
  if (props.cars.length === 0) return <NoCarYet />;
  return (
    <main id="main" className="mx-auto max-w-3xl p-5">
      <h1 className="mb-3 text-3xl">New complaint</h1>
      <ComplaintForm {...props} />
    </main>
  );
}

function NoCarYet() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-5">
      <h1 className="mb-3 text-3xl">New complaint</h1>
      <p className="mb-3">
        There is no car yet. Enter it once; its brakes decide what can be wrong with them.
      </p>
      <Link href="/car/new?for=complaint" className={buttonClass('primary')}>
        Add the first car
      </Link>
    </main>
  );
}

function ComplaintForm(props: Props) {
  const { typed, set, errorOf, trouble, busy, onSubmit } = useNewJob(props);
  return (
    <form onSubmit={onSubmit} className="grid gap-5">
      <CarPicker
        cars={props.cars}
        chosen={typed.carId || undefined}
        error={errorOf('carId')}
        onChoose={(carId) => set({ carId })}
      />
      <div>
        <TextArea
          label="What the driver says, in one line"
          value={typed.complaint}
          error={errorOf('complaint')}
          onChange={(event) => set({ complaint: event.target.value })}
          maxLength={2000}
          placeholder="Goes soft after five laps"
        />
        <HeardSoFar text={typed.complaint} />
      </div>
      <fieldset className="flex flex-wrap items-start gap-3">
        <legend className="narrow text-small font-semibold">Wanted back, if there is a time</legend>
        <DayField
          label="Day"
          value={typed.day}
          error={errorOf('day')}
          onChange={(day) => set({ day })}
          className="w-64"
        />
        <TextField
          label="Time"
          value={typed.time}
          error={errorOf('time')}
          placeholder="17:00"
          onChange={(event) => set({ time: event.target.value })}
          className="w-28"
        />
      </fieldset>
      <Trouble>{trouble}</Trouble>
      <div>
        <Button look="primary" type="submit" disabled={busy}>
          {busy ? 'Opening …' : 'Open the job'}
        </Button>
      </div>
    </form>
  );
}
