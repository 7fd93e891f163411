'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { readDay, readTime } from '@/core/base/dates';
import { momentIn } from '@/core/base/day';
import { Button, buttonClass } from '@/ui/Button';
import { TextArea, TextField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { Trouble } from '@/ui/Trouble';
import { outbox } from '../queue/page';
import { DayField } from '../shell/DayField';
import { newId } from '../shell/newId';
import { requestForm } from '../shell/request';
import { type ShopView, useShop } from '../shell/ShopContext';
import { useKept } from '../shell/useKept';
import { CarPicker } from './CarPicker';

type Props = {
  cars: { id: string; name: string; note: string }[];
  chosen?: string;
  /** What it is opened for, when that is known: something that is due. */
  says?: string;
};

/** Opens a job: which car, and what the driver says. */
export function NewJob({ cars, chosen, says }: Props) {
  const router = useRouter();
  const [car, setCar] = useState(
    cars.some((each) => each.id === chosen) ? chosen : cars.length === 1 ? cars[0]!.id : undefined,
  );
  const [complaint, setComplaint, forgetComplaint] = useKept(
    says ? `new-job.${says}` : 'new-job.complaint',
    says ?? '',
  );
  const [wanted, setWanted] = useState({ day: '', time: '' });
  const shop = useShop();
  const [id] = useState(newId);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const open = async () => {
    const neededAt = wantedAt(wanted, shop);
    if (neededAt === undefined)
      return setTrouble(
        `Wanted back ${`${wanted.day} ${wanted.time}`.trim()} is not taken: a day, and a time such as 17:00`,
      );
    setBusy(true);
    const reply = await requestForm('POST', '/api/jobs', {
      kind: 'job',
      content: { id, carId: car, complaint, neededAt },
    });
    setBusy(false);
    if (!reply.ok && reply.refusal.code === 'unavailable') {
      const body = { id, carId: car!, complaint, neededAt };
      outbox.add({ id, jobId: id, kind: 'opening', label: `Opening: ${complaint || 'a job'}`, body });
      forgetComplaint();
      // The device has a page for it, the server none yet.
      window.location.assign(`/job/${id}/complaint`);
      return;
    }
    if (!reply.ok) {
      setTrouble(
        [
          reply.refusal.message,
          ...(reply.refusal.issues ?? []).map(
            (issue) => `${issue.path} is ${issue.value}: ${issue.accepted}.`,
          ),
        ].join(' '),
      );
      return;
    }
    forgetComplaint();
    router.push(`/job/${id}/complaint`);
  };

  if (cars.length === 0) {
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
  return (
    <main id="main" className="mx-auto max-w-3xl p-5">
      <h1 className="mb-3 text-3xl">New complaint</h1>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void open();
        }}
        className="grid gap-5"
      >
        <CarPicker cars={cars} chosen={car} onChoose={setCar} />
        <TextArea
          label="What the driver says, in one line"
          value={complaint}
          onChange={(event) => setComplaint(event.target.value)}
          maxLength={2000}
          placeholder="Goes soft after five laps"
        />
        <fieldset className="flex flex-wrap items-start gap-3">
          <legend className="narrow text-small font-semibold">Wanted back, if there is a time</legend>
          <DayField
            label="Day"
            value={wanted.day}
            onChange={(day) => setWanted({ ...wanted, day })}
            className="w-64"
          />
          <TextField
            label="Time"
            value={wanted.time}
            placeholder="17:00"
            onChange={(event) => setWanted({ ...wanted, time: event.target.value })}
            className="w-28"
          />
        </fieldset>
        <Trouble>{trouble}</Trouble>
        <div>
          <Button look="primary" type="submit" disabled={!car || busy}>
            {busy ? 'Opening …' : 'Open the job'}
          </Button>
        </div>
      </form>
    </main>
  );
}

/** The end of a working day, where only the day is said. */
const BY_EVENING = '18:00';

/** The moment the car is wanted back, by the shop's clock; null for none, undefined for what is no day or no time. */
function wantedAt({ day, time }: { day: string; time: string }, shop: ShopView): string | null | undefined {
  if (day.trim() === '' && time.trim() === '') return null;
  const on = day.trim() === '' ? shop.today : readDay(day, shop.dateOrder, shop.today);
  const at = time.trim() === '' ? BY_EVENING : readTime(time);
  return on && at && momentIn(shop.timeZone, on, at).toISOString();
}
