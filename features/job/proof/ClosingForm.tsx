'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { Issue } from '@/core/base/issues/issue';
import { CAUSES } from '@/core/diagnosis/causes';
import { causeLabel } from '@/core/diagnosis/labels';
import { type OutcomeId, WORKED_OUTCOMES } from '@/core/job/outcomes';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField, TextField } from '@/ui/Field';
import { percent } from '@/ui/format';
import { Tick } from '@/ui/Tick';
import { useJob } from '../../record/JobProvider';
import { SavedText } from '../../record/SavedText';
import { ahead } from '../../shell/ahead';
import { refusalFrom } from '../../shell/checked';
import { usePerson } from '../../shell/PersonContext';
import type { Refusal } from '../../shell/refusal';
import { refusedField } from '../../shell/request';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { type Closed, closeJob } from '../closeJob';
import { NewFill, useNewFill } from './NewFill';
import { NextDue } from './NextDue';
import { type NextDraft, readNext, toBeKept } from './nextDraft';
import { IssueList, StandingIssues } from './StandingIssues';

/** What closing a job asks for: not needed before. */
const rules = () => import('@/core/job/closing');
ahead(rules);

type Draft = {
  outcome: OutcomeId | '';
  confirmed: string[];
  bedInTold: string;
  next: NextDraft[];
};
const BLANK: Draft = { outcome: '', confirmed: [], bedInTold: '', next: [] };

/** Of all that is typed at a closing only a distance has a unit. */
const closingBase = (...path: string[]) => (path.at(-1) === 'km' ? ('km' as const) : undefined);

/** What it did, what it was, what is due next; closing writes the record. */
export function ClosingForm() {
  const { sheet, judgement, replaceSheet } = useJob();
  const router = useRouter();
  const [draft, keep, forget] = useKeptFigures<Draft>(`closing.${sheet.job.id}`, BLANK, closingBase);
  const [by, setBy] = useState(usePerson().name);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);

  const fill = useNewFill();
  const units = useUnits();

  const close = async () => {
    setBusy(true);
    // Where the rules cannot be had, without a network, the server says what stands in the way once it hears of it.
    const issuesOf = (await rules().catch(() => undefined))?.closingIssues;
    const next = toBeKept(draft.next).map((each) => readNext(each, units));
    const content = {
      outcome: draft.outcome,
      confirmed: draft.confirmed,
      summary: sheet.job.summary,
      by,
      next,
      ...(judgement.notBedded && draft.bedInTold ? { bedInTold: draft.bedInTold } : {}),
      ...(fill.content ? { fill: fill.content } : {}),
    };
    const stands = [
      ...unfilled(draft.outcome, by),
      ...(draft.outcome === '' ? [] : (issuesOf?.(sheet, { ...content, outcome: draft.outcome }) ?? [])),
    ];
    const closed: Closed =
      stands.length > 0 ? { refusal: refusalFrom(stands) } : await closeJob(sheet, content);
    setBusy(false);
    if ('refusal' in closed) return setRefusal(closed.refusal);
    if (!closed.sheet) return;
    forget();
    fill.forget();
    replaceSheet(closed.sheet);
    router.push(`/ledger/${sheet.job.id}`);
  };

  return (
    <form
      className="mt-6 grid gap-4 border-t-2 border-ink pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void close();
      }}
    >
      <h3 className="text-xl">Close the job</h3>
      <div>
        <p className="narrow font-semibold">What the work did</p>
        <Choice
          label="Outcome"
          value={draft.outcome}
          onChange={(outcome) => keep({ ...draft, outcome: outcome as OutcomeId | '' })}
          options={WORKED_OUTCOMES.map(({ id, label }) => ({ value: id, label }))}
        />
      </div>
      <ConfirmedCauses
        leading={judgement.verdict.causes
          .filter(({ asked }) => asked)
          .slice(0, 4)
          .map(({ id, probability }) => ({ id, probability }))}
        confirmed={draft.confirmed}
        onChange={(confirmed) => keep({ ...draft, confirmed })}
      />
      <SavedText field="summary" label="What was wrong, what was done" maxLength={4000} rows={3} />
      <NewFill fill={fill} refusal={refusal} />
      {judgement.notBedded && (
        <TextField
          label="Not bedded in yet: the driver was told by"
          maxLength={80}
          value={draft.bedInTold ?? ''}
          onChange={(event) => keep({ ...draft, bedInTold: event.target.value })}
          className="max-w-96"
        />
      )}
      <NextDue
        next={draft.next}
        offered={judgement.dueNext}
        errorOf={(path) => refusedField(refusal, `next${path}`)}
        onChange={(next) => keep({ ...draft, next })}
      />
      <TextField
        label="Closed by"
        maxLength={80}
        value={by}
        onChange={(event) => setBy(event.target.value)}
        className="max-w-72"
        autoComplete="name"
      />
      {/* Below the fields: it shrinks as proofs come in, and must not move what is about to be pressed. */}
      {judgement.toClose.length > 0 && (
        <StandingIssues title="Before it can be closed as cured:" issues={judgement.toClose} />
      )}
      {refusal && <Stands refusal={refusal} />}
      <div>
        <Button look="primary" type="submit" disabled={busy}>
          {busy ? 'Writing the record …' : 'Close and write the record'}
        </Button>
      </div>
    </form>
  );
}

/** What the form itself still wants, in its own words. */
function unfilled(outcome: string, by: string): Issue[] {
  const wanted = [
    { path: 'outcome', empty: outcome === '', accepted: 'one of the four keys above' },
    { path: 'by', empty: by.trim() === '', accepted: 'the name of whoever closes it' },
  ];
  return wanted
    .filter(({ empty }) => empty)
    .map(({ path, accepted }) => ({ code: 'missing', path, value: 'empty', accepted }));
}

/** What still stands in the way, said where the focus is; it came in answer to a press. */
function Stands({ refusal }: { refusal: Refusal }) {
  const box = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each refusal is a new answer
  useEffect(() => box.current?.focus(), [refusal]);
  return (
    <div role="alert" tabIndex={-1} ref={box} className="border-l-[6px] border-stop bg-stop-wash p-3">
      <b className="text-stop">Not closed yet. {refusal.message}</b>
      <IssueList issues={refusal.issues ?? []} />
    </div>
  );
}

type CausesProps = {
  leading: { id: string; probability: number }[];
  confirmed: string[];
  onChange: (confirmed: string[]) => void;
};

function ConfirmedCauses({ leading, confirmed, onChange }: CausesProps) {
  const others = confirmed.filter((id) => !leading.some((cause) => cause.id === id));
  const flip = (id: string) =>
    onChange(confirmed.includes(id) ? confirmed.filter((each) => each !== id) : [...confirmed, id]);
  return (
    <fieldset>
      <legend className="narrow font-semibold">What it turned out to be</legend>
      <div data-stop="" className="grid gap-x-6 sm:grid-cols-2">
        {[...leading, ...others.map((id) => ({ id, probability: Number.NaN }))].map(({ id, probability }) => (
          <Tick key={id} checked={confirmed.includes(id)} onChange={() => flip(id)}>
            {causeLabel(id)}{' '}
            {Number.isFinite(probability) && (
              <span className="reading shrink-0 text-soft">{percent(probability)}</span>
            )}
          </Tick>
        ))}
      </div>
      <SelectField
        label="Something else"
        value=""
        onChange={(event) => event.target.value !== '' && flip(event.target.value)}
        className="max-w-md"
      >
        <option value="">Choose …</option>
        {CAUSES.filter((cause) => !confirmed.includes(cause.id)).map((cause) => (
          <option key={cause.id} value={cause.id}>
            {cause.label}
          </option>
        ))}
      </SelectField>
    </fieldset>
  );
}
