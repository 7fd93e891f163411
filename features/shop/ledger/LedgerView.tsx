'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { CAUSES } from '@/core/diagnosis/causes';
import { readOrder } from '@/core/job/ledgerSorts';
import { OUTCOMES } from '@/core/job/outcomes';
import type { LedgerPage, LedgerSearch } from '@/server/ledger/queries';
import { Button, buttonClass } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { CarOptions, CircuitOptions } from '../../shell/options';
import { isTyping } from '../../shell/useShortcuts';
import { ImportCases } from './ImportCases';
import { LedgerTable } from './LedgerTable';
import { searchQuery } from './query';

/** A pause in typing after which it is looked for, ms. */
const TYPING_MS = 250;

type Props = {
  page: LedgerPage;
  search: LedgerSearch;
  cars: { id: string; name: string }[];
  /** Years in which jobs were closed, the newest first. */
  years: number[];
};

/** Every closed job: what was wrong, what was done, what it did. */
export function LedgerView({ page, search, cars, years }: Props) {
  const router = useRouter();
  const words = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '/' || isTyping(event)) return;
      event.preventDefault();
      words.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const find = (data: FormData) => {
    const query = new URLSearchParams([...data].filter(([, value]) => value !== '') as [string, string][]);
    clearTimeout(waiting.current);
    router.replace(`/ledger?${query}`, { scroll: false });
  };
  const form = useRef<HTMLFormElement>(null);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  // Found as it is typed; the button is for who has no script, and for the hand that wants one.
  const foundSoon = () => {
    clearTimeout(waiting.current);
    waiting.current = setTimeout(() => form.current && find(new FormData(form.current)), TYPING_MS);
  };
  const narrowed =
    search.car ?? search.cause ?? search.outcome ?? search.words ?? search.year ?? search.circuit;
  return (
    <main id="main" className="mx-auto max-w-6xl p-4 desk:p-6">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="text-3xl">Ledger</h1>
        <p className="text-soft">
          <span className="reading">{page.total}</span> closed {page.total === 1 ? 'job' : 'jobs'}
          {narrowed && ' match'}
        </p>
        <span className="flex flex-wrap gap-2 desk:ml-auto">
          <Link href={`/ledger/answers?${searchQuery(search)}`} className={buttonClass('quiet')}>
            What it comes to
          </Link>
          <Link href="/ledger/parts" className={buttonClass('quiet')}>
            How parts last
          </Link>
          <a href="/api/ledger/export" className={buttonClass()} download>
            Export all
          </a>
          <ImportCases />
          <Link href="/ledger/readings" className={buttonClass()}>
            Readings from a table
          </Link>
        </span>
      </div>
      {/* biome-ignore lint/a11y/useSemanticElements: search is not an element every browser here knows */}
      <form
        role="search"
        ref={form}
        key={JSON.stringify({ ...search, words: undefined })}
        action={find}
        onChange={foundSoon}
        className="mb-4 grid items-end gap-3 border-y border-rule py-3 grid-cols-2 desk:grid-cols-[2fr_1fr_1fr_1fr]"
      >
        <TextField
          label="Words"
          name="words"
          defaultValue={search.words}
          placeholder="kerbs, collapsed, two winters"
          className="col-span-2 sm:col-span-1"
          ref={words}
        />
        <SelectField label="Car" name="car" defaultValue={search.car}>
          <option value="">Any</option>
          <CarOptions cars={cars} />
        </SelectField>
        <SelectField label="Cause" name="cause" defaultValue={search.cause}>
          <option value="">Any</option>
          {CAUSES.map((cause) => (
            <option key={cause.id} value={cause.id}>
              {cause.label}
            </option>
          ))}
        </SelectField>
        <SelectField label="Outcome" name="outcome" defaultValue={search.outcome}>
          <option value="">Any</option>
          {OUTCOMES.map((outcome) => (
            <option key={outcome.id} value={outcome.id}>
              {outcome.label}
            </option>
          ))}
        </SelectField>
        <SelectField label="Season" name="year" defaultValue={search.year}>
          <option value="">Any</option>
          {years.map((year) => (
            <option key={year} value={year}>
              {year}
            </option>
          ))}
        </SelectField>
        <SelectField label="Circuit before it" name="circuit" defaultValue={search.circuit}>
          <option value="">Any</option>
          <CircuitOptions />
        </SelectField>
        {search.sort && <input type="hidden" name="sort" value={search.sort} />}
        <Button look="primary" type="submit">
          Find
        </Button>
      </form>
      {page.lines.length > 0 ? (
        <LedgerTable
          lines={page.lines}
          order={readOrder(search.sort)}
          addressOf={(sort) => `/ledger?${searchQuery({ ...search, sort })}`}
        />
      ) : (
        <p className="border-t-2 border-ink py-4">
          {narrowed ? 'Nothing matches. Fewer words, or another car.' : 'No job has been closed yet.'}
        </p>
      )}
      {page.next && (
        <p className="mt-3">
          <Link
            className={buttonClass()}
            href={`/ledger?${new URLSearchParams(Object.entries({ ...search, after: page.next }).filter((entry): entry is [string, string] => entry[1] !== undefined))}`}
          >
            Older
          </Link>
        </p>
      )}
    </main>
  );
}
