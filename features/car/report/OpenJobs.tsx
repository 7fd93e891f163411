import { answerWords } from '@/core/readings/vocabulary/words';
import type { InBay } from '@/server/jobs/inBay';
import { Link } from '@/ui/Link';
import { HoldLine } from '../../record/HoldLine';

/** What a car stands in the bay for: its open jobs, what keeps it there, what was found wrong and is so still. */
export function OpenJobs({ jobs }: { jobs: readonly InBay[] }) {
  return (
    <section aria-labelledby="report-bay" className="mt-5">
      <h2 id="report-bay" className="border-b-2 border-ink text-xl">
        In the bay
      </h2>
      <ul>
        {jobs.map(({ id, number, complaint, holds, wrong }) => (
          <li key={id} className="break-inside-avoid border-b border-rule py-2">
            <Link href={`/job/${id}`} className="font-semibold hover:underline">
              <span className="reading mr-2 text-small text-soft">No. {number}</span>
              {complaint || 'No complaint written down yet'}
            </Link>
            {holds.map((hold) => (
              <p key={hold.id} className="mt-1">
                <HoldLine hold={hold} />
              </p>
            ))}
            {wrong.length > 0 && (
              <p className="mt-1 text-small">
                Found, not put right yet:{' '}
                <b className="font-semibold text-stop">
                  {wrong.map((given) => answerWords(given.id, given.place, given.state)).join('; ')}
                </b>
                .
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
