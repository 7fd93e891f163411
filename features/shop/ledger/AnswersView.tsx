'use client';

import { inSentence } from '@/core/base/sentence';
import { CIRCUIT_KINDS, CIRCUITS, type CircuitKind } from '@/core/car/circuits';
import { causeLabel } from '@/core/diagnosis/labels';
import { outcomeLabel } from '@/core/job/outcomes';
import type { CauseAnswer, LedgerAnswers } from '@/server/ledger/answers';
import type { LedgerSearch } from '@/server/ledger/queries';
import { buttonClass } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import { searchQuery } from './query';

type Props = {
  answers: LedgerAnswers;
  search: LedgerSearch;
  backWithinDays: number;
  /** The car it is narrowed to, by name. */
  car?: string;
};

/** What the closed jobs of a search come to: causes, how long a proof took, what came back, minutes against the plan's. */
export function AnswersView({ answers: { causes, years }, search, backWithinDays, car }: Props) {
  const query = searchQuery(search);
  const of = (cause: string) => `/ledger?${searchQuery({ ...search, cause })}`;
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="text-3xl">What it comes to</h1>
        <span className="text-soft">{narrowedWords(search, car)}</span>
        <span className="ml-auto flex flex-wrap gap-2">
          <Link href={`/ledger?${query}`} className={buttonClass('quiet')}>
            The jobs
          </Link>
          <a href={`/api/ledger/csv?${query}`} download className={buttonClass()}>
            For a spreadsheet
          </a>
        </span>
      </div>
      {causes.length === 0 ? (
        <p className="text-soft">No closed job here confirmed a cause.</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full min-w-[40rem] border-t-2 border-ink text-left">
            <caption className="sr-only">Confirmed causes, the most often first</caption>
            <thead>
              <tr className="border-b border-ink text-small">
                <th className="py-1 pr-3">Cause</th>
                <th className="px-3 text-right">Jobs</th>
                <th className="px-3 text-right">Complaint to proof, half within</th>
                <th className="px-3 text-right">Came back in {backWithinDays} days</th>
                <th className="pl-3 text-right">Minutes for the plan’s (works)</th>
              </tr>
            </thead>
            <tbody>
              {causes.map((answer) => (
                <CauseLine key={answer.cause} answer={answer} href={of(answer.cause)} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {years.length > 0 && (
        <section aria-labelledby="years" className="mt-6">
          <h2 id="years" className="border-b-2 border-ink text-xl">
            Year by year
          </h2>
          <ul>
            {years.map(({ year, jobs, causes: most }) => (
              <li key={year} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-2">
                <b className="reading w-14 font-semibold">{year}</b>
                <span className="w-20">
                  <span className="reading">{jobs}</span> {jobs === 1 ? 'job' : 'jobs'}
                </span>
                <span className="text-soft">
                  {most.map((each) => `${causeLabel(each.cause)} ${each.jobs}`).join(' · ')}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </main>
  );
}

function CauseLine({ answer, href }: { answer: CauseAnswer; href: string }) {
  const { cause, jobs, days, cameBack, works, tookMin, plannedMin } = answer;
  return (
    <tr className="border-b border-rule">
      <th scope="row" className="py-2 pr-3 font-semibold">
        <Link href={href} className="underline underline-offset-4">
          {causeLabel(cause)}
        </Link>
      </th>
      <td className="reading px-3 text-right">{jobs}</td>
      <td className="reading px-3 text-right">
        {days < 1 ? `${figure(days * 24, 0)} h` : `${figure(days, 1)} d`}
      </td>
      <td className="reading px-3 text-right">
        {cameBack} of {jobs}
      </td>
      <td className="reading pl-3 text-right">
        {works === 0 ? (
          <span className="text-soft">not timed</span>
        ) : (
          `${figure(tookMin / works, 0)} for ${figure(plannedMin / works, 0)} (${works})`
        )}
      </td>
    </tr>
  );
}

function narrowedWords(
  { cause, outcome, words, year, circuit }: LedgerSearch,
  car: string | undefined,
): string {
  const parts = [
    car,
    cause && inSentence(causeLabel(cause as never)),
    outcome && inSentence(outcomeLabel(outcome as never)),
    words && `“${words}”`,
    year && `closed in ${year}`,
    CIRCUIT_KINDS.includes(circuit as CircuitKind) &&
      `after ${inSentence(CIRCUITS[circuit as CircuitKind].label)}`,
  ].filter(Boolean);
  return parts.length === 0 ? 'Every closed job' : parts.join(', ');
}
