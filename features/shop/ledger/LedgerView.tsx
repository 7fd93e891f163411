'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { CAUSES } from '@/core/diagnosis/causes';
import { causeLabel } from '@/core/diagnosis/labels';
import { OUTCOMES, outcomeLabel } from '@/core/job/outcomes';
import type { LedgerPage, LedgerSearch } from '@/server/ledger/queries';
import { Button, buttonClass } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { shortDate } from '@/ui/format';
import { useShop } from '../../shell/ShopContext';
import { isTyping } from '../../shell/useShortcuts';
import { ImportCases } from './ImportCases';
import { searchQuery } from './query';

/** A pause in typing after which it is looked for, ms. */
const TYPING_MS = 250;

type Props = { page: LedgerPage; search: LedgerSearch; cars: { id: string; name: string }[] };

/** Every closed job: what was wrong, what was done, what it did. */
export function LedgerView({ page, search, cars }: Props) {
  const shop = useShop();
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
  const narrowed = search.car ?? search.cause ?? search.outcome ?? search.words;
  return (
    <main id="main" className="mx-auto max-w-6xl p-4 desk:p-6">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="text-3xl">Ledger</h1>
        <p className="text-soft">
          <span className="reading">{page.total}</span> closed {page.total === 1 ? 'job' : 'jobs'}
          {narrowed && ' match'}
        </p>
        <span className="ml-auto flex flex-wrap gap-2">
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
        className="mb-4 grid items-end gap-3 border-y border-rule py-3 sm:grid-cols-2 desk:grid-cols-[2fr_1fr_1fr_1fr_auto]"
      >
        <TextField
          label="Words"
          name="words"
          defaultValue={search.words}
          placeholder="kerbs, collapsed, two winters"
          ref={words}
        />
        <SelectField label="Car" name="car" defaultValue={search.car}>
          <option value="">Any</option>
          {cars.map((car) => (
            <option key={car.id} value={car.id}>
              {car.name}
            </option>
          ))}
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
        <Button look="primary" type="submit">
          Find
        </Button>
      </form>
      <ul className="border-t-2 border-ink">
        {page.lines.map((line) => (
          <li key={line.id} className="border-b border-rule">
            <Link
              href={`/ledger/${line.id}`}
              className="grid gap-x-5 py-2.5 hover:bg-straw-wash desk:grid-cols-[7.5rem_13rem_1fr_11rem]"
            >
              <span className="reading text-soft">{shortDate(line.closedAt, shop)}</span>
              <b className="font-semibold">{line.carName}</b>
              <span>
                {line.complaint || `Job ${line.number}`}
                <span className="block text-small text-soft">
                  {line.confirmed.map(causeLabel).join(', ') || 'No cause confirmed'}
                </span>
              </span>
              <span
                className={
                  line.outcome === 'no_change' || line.outcome === 'withdrawn'
                    ? 'font-semibold text-soft'
                    : line.outcome === 'cured'
                      ? 'font-semibold text-go'
                      : 'font-semibold text-bronze'
                }
              >
                {outcomeLabel(line.outcome)}
              </span>
            </Link>
          </li>
        ))}
        {page.lines.length === 0 && (
          <li className="py-4">
            {narrowed ? 'Nothing matches. Fewer words, or another car.' : 'No job has been closed yet.'}
          </li>
        )}
      </ul>
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
