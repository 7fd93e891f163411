'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { newId } from '../../../shell/newId';
import { request } from '../../../shell/request';
import { useRefresh } from '../../../shell/useRefresh';
import type { BenchPlace } from './place';

/** What a bench gives to a job: the kind of reading, and its input as the calcs take it. */
export type BenchReading = { kind: string; input: object };

/** Writes the bench down in the job it was opened from, as readings: they stand in the record, and go out with the case. */
export function WriteDown({
  job,
  readings,
}: {
  job: NonNullable<BenchPlace['job']>;
  readings: readonly BenchReading[];
}) {
  const refreshPage = useRefresh();
  const [said, setSaid] = useState<{ done: boolean; words: string }>();
  const [busy, setBusy] = useState(false);
  const write = async ({ kind, input }: BenchReading) =>
    request<{ id: string }>('POST', `/api/jobs/${job.id}/readings`, {
      ...{ id: newId(), phase: 'before', kind, corner: '', input, entered: {}, why: '' },
      replaces: job.standing[kind] ?? null,
    });
  const writeAll = async () => {
    setBusy(true);
    let trouble: string | undefined;
    for (const reading of readings) {
      const reply = await write(reading);
      if (!reply.ok) trouble ??= reply.refusal.message;
    }
    setSaid({ done: !trouble, words: trouble ?? `Written down in job ${job.number}.` });
    setBusy(false);
    // What stands there now is what the next press replaces.
    refreshPage();
  };
  return (
    <div className="flex flex-wrap items-center gap-3 print:hidden">
      <Button disabled={busy || readings.length === 0} onClick={() => void writeAll()}>
        Write it down in job {job.number}
      </Button>
      <Link
        href={`/job/${job.id}/verdict`}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        Back to the job
      </Link>
      {said && <p role={said.done ? 'status' : 'alert'}>{said.words}</p>}
    </div>
  );
}
