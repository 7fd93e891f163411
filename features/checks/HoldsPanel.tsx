'use client';

import { useRef, useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { evidenceTogether, isComplete, type JobHold } from '@/core/job/pieces';
import { answerWords } from '@/core/readings/vocabulary/words';
import { Button, buttonClass } from '@/ui/Button';
import { TextArea, TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Octagon } from '@/ui/Octagon';
import { useJob } from '../record/JobProvider';
import { usePerson } from '../shell/PersonContext';
import { useShop } from '../shell/ShopContext';
import { useKept } from '../shell/useKept';
import { EvidenceRows } from './EvidenceRows';

/** Every hold on the job, open ones with what ends them, asked in place. Nobody talks one away. */
export function HoldsPanel() {
  const { judgement, closed } = useJob();
  const open = judgement.holds.filter((hold) => !hold.proof);
  const ended = judgement.holds.filter((hold) => hold.proof);
  // The form goes with the holds it ended: the focus stays with what became of them.
  const panel = useRef<HTMLElement>(null);
  if (judgement.holds.length === 0) return null;
  return (
    <section ref={panel} tabIndex={-1} aria-label="Holds" className="mb-4 grid gap-2">
      {open.length > 0 && (
        <div className="border-l-[6px] border-stop bg-stop-wash p-3">
          <ul className="grid gap-2">
            {open.map((hold) => (
              <OpenHold key={`${hold.id} ${hold.workId ?? ''}`} hold={hold} />
            ))}
          </ul>
          <EndsBy holds={open} disabled={closed} onSigned={() => panel.current?.focus()} />
        </div>
      )}
      {ended.map((hold) => (
        <Ended key={hold.id} hold={hold} />
      ))}
    </section>
  );
}

function OpenHold({ hold }: { hold: JobHold }) {
  const { sheet } = useJob();
  const because = hold.because.map(({ id, place, state }) => answerWords(id, place, state));
  return (
    <li className="flex gap-3">
      <Octagon size={30} />
      <div className="flex-1">
        <b className="text-stop">Car stays here: {inSentence(hold.label)}.</b>
        <p>
          {because.length > 0 && <>Because: {[...new Set(because)].join(', ')}. </>}Ends when proved:{' '}
          {hold.until}.
        </p>
        {hold.workId && (
          <Link href={`/job/${sheet.job.id}/run/${hold.workId}`} className={buttonClass()}>
            To that work
          </Link>
        )}
      </div>
    </li>
  );
}

type EndsByProps = { holds: readonly JobHold[]; disabled: boolean; onSigned: () => void };

/** The evidence of the open holds, and the signature under it. */
function EndsBy({ holds, disabled, onSigned }: EndsByProps) {
  const { prove, sheet } = useJob();
  const [how, keepHow, forgetHow] = useKept(`proof.${sheet.job.id}`, '');
  const [by, setBy] = useState(usePerson().name);
  const [error, setError] = useState<string>();
  const evidence = evidenceTogether(holds);
  const complete = holds.filter(isComplete);
  if (evidence.length === 0 || disabled) return null;
  const sign = () => {
    if (by.trim() === '') return setError('Say who proved it');
    // A car left apart is put together by its work: there is nothing to sign.
    for (const { id } of complete) if (id !== 'left_apart') prove(id, how.trim(), by.trim());
    forgetHow();
    onSigned();
  };
  return (
    <>
      <EvidenceRows evidence={evidence} />
      {complete.length > 0 && (
        <form
          aria-label="Sign"
          className="mt-3 grid gap-2 sm:grid-cols-[1fr_12rem_auto] sm:items-start"
          onSubmit={(event) => {
            event.preventDefault();
            sign();
          }}
        >
          <TextArea
            label="Something to add, if there is"
            rows={1}
            maxLength={2000}
            value={how}
            onChange={(event) => keepHow(event.target.value)}
          />
          <TextField
            label="Proved by"
            maxLength={80}
            value={by}
            onChange={(event) => {
              setError(undefined);
              setBy(event.target.value);
            }}
            error={error}
            autoComplete="name"
          />
          <Button look="stop" type="submit" className="sm:mt-6">
            {complete.length === 1 ? 'End the hold' : `End ${complete.length} holds`}
          </Button>
        </form>
      )}
    </>
  );
}

function Ended({ hold }: { hold: JobHold }) {
  const shop = useShop();
  const { byWord, how, provedBy, provedAt } = hold.proof!;
  const proved = hold.evidence.map(({ finding, place, state }) => answerWords(finding, place, state));
  return (
    <p className="border-l-[6px] border-go bg-card px-3 py-2">
      <b className="text-go">Hold ended: {inSentence(hold.label)}.</b>{' '}
      {byWord ? 'By word: ' : `Proved: ${proved.join(', ')}. `}
      {how !== '' && `${how} `}— {provedBy}, {moment(provedAt, shop, new Date(shop.now))}.
    </p>
  );
}
