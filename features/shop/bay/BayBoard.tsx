import type { Bay } from '@/server/bay/queries';
import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { Octagon } from '@/ui/Octagon';
import { CarList } from '../../car/CarList';
import { IfMay } from '../../shell/IfMay';
import { cardFace } from './cardFace';
import { DueList } from './DueList';
import { JobCard } from './JobCard';
import { UnsentJobs } from './UnsentJobs';

/** The board in the bay: what stands here, most urgent first, what is due, and the cars. */
export function BayBoard({ bay }: { bay: Bay }) {
  const held = bay.cards.filter((card) => card.holds.length > 0).length;
  const out = bay.cards.filter((card) => card.out).length;
  const here = bay.cards.length - out;
  // One list for both: the page then carries it once.
  const cars = bay.cars.map(({ id, name, note }) => ({ id, name, note }));
  return (
    <main id="main" className="grid gap-6 p-4 desk:grid-cols-[1fr_20rem] desk:p-6">
      <section aria-labelledby="open-jobs">
        <div className="mb-3 flex flex-wrap items-center gap-3">
          <h1 id="open-jobs" className="text-3xl">
            {here === 0 ? 'Nothing in the bay' : `${here} in the bay`}
          </h1>
          {held > 0 && (
            <p className="flex items-center gap-1.5 font-semibold text-stop">
              <Octagon size={22} />
              {held} {held === 1 ? 'stays' : 'stay'} here
            </p>
          )}
          {out > 0 && <p className="font-semibold">{out} out on proof</p>}
          <IfMay right="tell">
            <Link href="/job/new" className={`${buttonClass('primary')} ml-auto`}>
              New complaint
            </Link>
          </IfMay>
        </div>
        <UnsentJobs cars={cars} />
        {bay.cards.length === 0 ? (
          <EmptyBay hasCars={bay.cars.length > 0} />
        ) : (
          <ul className="grid gap-4 xl:grid-cols-2 min-[1800px]:grid-cols-3">
            {bay.cards.map((card) => (
              <JobCard key={card.sheet.job.id} face={cardFace(card)} />
            ))}
          </ul>
        )}
      </section>
      <aside className="grid content-start gap-6">
        <DueList due={bay.due} />
        <section aria-labelledby="cars">
          <div className="flex items-baseline justify-between border-b-2 border-ink">
            <h2 id="cars" className="text-xl">
              Cars
            </h2>
            <IfMay right="work">
              <Link
                href="/car/new"
                className="flex min-h-11 items-center font-semibold underline underline-offset-4"
              >
                Add a car
              </Link>
            </IfMay>
          </div>
          <CarList cars={cars} />
        </section>
      </aside>
    </main>
  );
}

function EmptyBay({ hasCars }: { hasCars: boolean }) {
  return (
    <div className="border-2 border-ink bg-card p-5">
      <p className="mb-3 text-lg">
        {hasCars
          ? 'A job starts with what the driver says.'
          : 'Enter a car once, then take its complaint: the tool asks for the checks worth their minutes and says what it is likely to be.'}
      </p>
      <Link href={hasCars ? '/job/new' : '/car/new'} className={buttonClass('primary')}>
        {hasCars ? 'New complaint' : 'Add the first car'}
      </Link>
    </div>
  );
}
