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
  /** What was written here, and what stood there then: until the page has been made anew it stands in that one's place. */
  const [written, setWritten] = useState<Partial<Record<string, { id: string; over: string | undefined }>>>(
    {},
  );
  const write = async ({ kind, input }: BenchReading) => {
    const id = newId();
    const over = job.standing[kind];
    const mine = written[kind];
    const replaces = (mine?.over === over ? mine?.id : undefined) ?? over ?? null;
    const body = { id, phase: 'before', kind, corner: '', input, entered: {}, why: '', replaces };
    const reply = await request<{ id: string }>('POST', `/api/jobs/${job.id}/readings`, body);
    if (reply.ok) setWritten((before) => ({ ...before, [kind]: { id, over } }));
    return reply;
  };
  const writeAll = async () => {
    setBusy(true);
    let trouble: string | undefined;
    for (const reading of readings) {
      const reply = await write(reading);
      if (!reply.ok) trouble ??= reply.refusal.message;
    }
    setSaid({ done: !trouble, words: trouble ?? `Written down in job ${job.number}.` });
    setBusy(false);
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
