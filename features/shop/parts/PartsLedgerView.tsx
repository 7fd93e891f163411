'use client';

import { inSentence } from '@/core/base/sentence';
import { WHY_OFF } from '@/core/planning/shelf/fitted';
import type { PartsLedger } from '@/server/lives/queries';
import { buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';
import { LivesAskedForm } from './LivesAskedForm';
import { PartRecordRow } from './PartRecordRow';
import { SideBySide } from './SideBySide';

/** How parts last in this shop, by their names, and which of them do not get on. */
export function PartsLedgerView({ ledger: { records, pairs, cars, asked } }: { ledger: PartsLedger }) {
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-3xl">How parts last</h1>
        <Link href="/ledger" className={cn(buttonClass('quiet'), 'ml-auto')}>
          The ledger
        </Link>
      </div>
      <p className="mb-4 max-w-prose text-soft">
        Every part noted on a car, by its name. A part that came off still good, or is still on, has lived at
        least so long: it is counted as that. Sessions to the end are where half have ended, with bounds that
        hold 80 % of the time.
      </p>
      <LivesAskedForm cars={cars} asked={asked} />
      {pairs.length > 0 && (
        <section aria-labelledby="pairs" className="mb-5 border-l-8 border-bronze bg-card p-3">
          <h2 id="pairs" className="text-xl">
            Do not get on
          </h2>
          <ul>
            {pairs.map(({ pads, rotor, together, bad, how }) => (
              <li key={`${pads} ${rotor}`}>
                <b className="font-semibold">{pads}</b> on <b className="font-semibold">{rotor}</b>: in {bad}{' '}
                of {together} lives together one came off{' '}
                {how.map((why) => inSentence(WHY_OFF[why])).join(' or ')}.
              </li>
            ))}
          </ul>
        </section>
      )}
      {records.length === 0 ? (
        <p className="text-soft">
          {asked.car || asked.circuit
            ? 'None of those.'
            : 'No part is noted yet: a car’s page, or a job that fits one, notes it.'}
        </p>
      ) : (
        <>
          <SideBySide records={records} />
          <ul className="border-t-2 border-ink">
            {records.map((record) => (
              <PartRecordRow key={record.key} record={record} />
            ))}
          </ul>
        </>
      )}
    </main>
  );
}
