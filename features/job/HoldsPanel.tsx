'use client';

import { useState } from 'react';
import { findingOf } from '@/core/diagnosis/vocabulary/findings';
import { stateWord } from '@/core/diagnosis/vocabulary/words';
import type { JobHold } from '@/core/job/holds';
import { Button } from '@/ui/Button';
import { TextArea, TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Octagon } from '@/ui/Octagon';
import { useShop } from '../shell/ShopContext';
import { useKept } from '../shell/useKept';
import { useDesk } from './desk/Desk';

/** Every hold on the job, open ones with the place to record their proof. Nobody talks one away. */
export function HoldsPanel() {
  const { judgement } = useDesk();
  if (judgement.holds.length === 0) return null;
  return (
    <ul className="mb-4 grid gap-2">
      {judgement.holds.map((hold) =>
        hold.proof ? <Proved key={hold.id} hold={hold} /> : <OpenHold key={hold.id} hold={hold} />,
      )}
    </ul>
  );
}

function OpenHold({ hold }: { hold: JobHold }) {
  const { prove, closed, sheet } = useDesk();
  const [how, keepHow, forgetHow] = useKept(`proof.${sheet.job.id}.${hold.id}`, '');
  const [by, keepBy] = useKept('my-name', '');
  const [error, setError] = useState<{ how?: string; by?: string }>({});
  const [open, setOpen] = useState(false);
  const record = () => {
    const wrong = {
      ...(how.trim().length < 3 ? { how: 'Say how it was proved' } : {}),
      ...(by.trim() === '' ? { by: 'Say who proved it' } : {}),
    };
    setError(wrong);
    if (Object.keys(wrong).length > 0) return;
    prove(hold.id, how.trim(), by.trim());
    forgetHow();
  };
  return (
    <li className="border-l-[6px] border-stop bg-stop-wash p-3">
      <div className="flex gap-3">
        <Octagon size={30} />
        <div className="flex-1">
          <p>
            <b className="text-stop">Car stays here: {hold.label.toLowerCase()}.</b>
          </p>
          <p>
            Because:{' '}
            {hold.because
              .map((finding) =>
                `${findingOf(finding.id).label.toLowerCase()} ${finding.place ?? ''} ${stateWord(finding.id, finding.state).toLowerCase()}`.replace(
                  '  ',
                  ' ',
                ),
              )
              .join(', ')}
            . Ends when proved: {hold.until}.
          </p>
        </div>
        {!closed && !open && <Button onClick={() => setOpen(true)}>Prove it</Button>}
      </div>
      {open && !closed && (
        <form
          className="mt-3 grid gap-2 sm:grid-cols-[1fr_12rem_auto] sm:items-start"
          onSubmit={(event) => {
            event.preventDefault();
            record();
          }}
        >
          <TextArea
            label="How it was proved"
            rows={1}
            maxLength={2000}
            value={how}
            onChange={(event) => keepHow(event.target.value)}
            error={error.how}
          />
          <TextField
            label="By whom"
            maxLength={80}
            value={by}
            onChange={(event) => keepBy(event.target.value)}
            error={error.by}
            autoComplete="name"
          />
          <Button look="stop" type="submit" className="sm:mt-6">
            Record the proof
          </Button>
        </form>
      )}
    </li>
  );
}

function Proved({ hold }: { hold: JobHold }) {
  const shop = useShop();
  const proof = hold.proof!;
  return (
    <li className="border-l-[6px] border-go bg-card px-3 py-2">
      <b className="text-go">Hold ended: {hold.label.toLowerCase()}.</b> {proof.how} — {proof.provedBy},{' '}
      {moment(proof.provedAt, shop.timeZone, new Date(shop.now))}.
    </li>
  );
}
