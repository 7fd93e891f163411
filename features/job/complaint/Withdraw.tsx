'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { useJob } from '../../record/JobProvider';
import { usePerson } from '../../shell/PersonContext';
import { useKept } from '../../shell/useKept';
import { closeJob } from '../closeJob';

/** A job opened by mistake goes to the ledger as withdrawn, with the reason; one that was worked on is closed instead. */
export function Withdraw() {
  const { sheet, closed, replaceSheet } = useJob();
  const router = useRouter();
  const [why, keepWhy, forgetWhy] = useKept(`withdraw.${sheet.job.id}`, '');
  const [by, setBy] = useState(usePerson().name);
  const [error, setError] = useState<string>();
  if (closed) return null;
  const withdraw = async () => {
    if (why.trim() === '') return setError('Say why it is withdrawn');
    if (by.trim() === '') return setError('Say who withdraws it');
    const content = { outcome: 'withdrawn', confirmed: [], summary: why.trim(), by: by.trim(), next: [] };
    const closed = await closeJob(sheet, content);
    if ('refusal' in closed) {
      const { issues = [], message } = closed.refusal;
      return setError(issues[0] ? `${issues[0].value}: ${issues[0].accepted}` : message);
    }
    if (!closed.sheet) return;
    forgetWhy();
    replaceSheet(closed.sheet);
    router.push('/');
  };
  return (
    <Opens className="mt-6" head={<span className="text-soft">Opened by mistake?</span>}>
      <form
        aria-label="Withdraw the job"
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void withdraw();
        }}
      >
        <TextField
          label="Why it is withdrawn"
          maxLength={400}
          value={why}
          error={error}
          onChange={(event) => {
            setError(undefined);
            keepWhy(event.target.value);
          }}
          className="min-w-60 flex-1"
        />
        <TextField
          label="By whom"
          maxLength={80}
          value={by}
          onChange={(event) => setBy(event.target.value)}
          autoComplete="name"
        />
        <Button type="submit">Withdraw the job</Button>
      </form>
    </Opens>
  );
}
