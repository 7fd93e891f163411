'use client';

import { dayWords } from '@/core/base/dates';
import { daysBetween } from '@/core/base/day';
import { PREP_STAGES, type PrepStage } from '@/core/planning/prep/line';
import type { CarPreparation } from '@/server/prep/queries';
import { Button, buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Octagon } from '@/ui/Octagon';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { eventWords } from '../eventWords';
import { PeakField } from './PeakField';
import { PrepRow } from './PrepRow';
import { ToBringList } from './ToBringList';

const STAGE_WORDS: Record<PrepStage, string> = {
  standing: 'Standing on its wheels',
  front: 'Front wheels off',
  rear: 'Rear wheels off',
  after: 'Wheels back on',
};

/** Whether a car is ready for an event: go, not, what to bring, or what nobody has looked at yet. */
export function PrepView({ preparation }: { preparation: CarPreparation }) {
  const { car, event, lines, minutes, peak, heat, toBring, job } = preparation;
  const { today, dateOrder } = useShop();
  const units = useUnits();
  const days = daysBetween(today, event.onDate);
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-3 flex flex-wrap items-start gap-3">
        <div>
          <h1 className="text-3xl">
            {car.name}: {event.name}
          </h1>
          <p className="text-soft">
            <span className="reading">{dayWords(event.onDate, dateOrder)}</span>
            {days > 0 ? `, in ${days} ${days === 1 ? 'day' : 'days'}` : days === 0 ? ', today' : ', run'} ·{' '}
            {figure(event.sessions, 0)} sessions{eventWords(event, units).map((word) => ` · ${word}`)}
          </p>
        </div>
        <span className="ml-auto flex flex-wrap gap-2 print:hidden">
          <Link href={`/car/${car.id}`} className={buttonClass('quiet')}>
            The car
          </Link>
          <Button onClick={() => window.print()}>Print</Button>
          {job ? (
            <Link href={`/job/${job.id}/checks`} className={buttonClass('primary')}>
              Measure in job {job.number}
            </Link>
          ) : (
            <Link
              href={`/job/new?${new URLSearchParams({ car: car.id, says: `Preparation for ${event.name}` })}`}
              className={buttonClass('primary')}
            >
              Open the preparation job
            </Link>
          )}
        </span>
      </div>
      <Verdict preparation={preparation} />
      <PeakField peak={peak} heat={heat} carId={car.id} />
      {PREP_STAGES.map((stage) => {
        const own = lines.filter((line) => line.stage === stage);
        return own.length === 0 ? null : (
          <section key={stage} aria-labelledby={`prep-${stage}`} className="mt-5 break-inside-avoid">
            <h2
              id={`prep-${stage}`}
              className="flex items-baseline justify-between border-b-2 border-ink text-xl"
            >
              {STAGE_WORDS[stage]}
              <span className="reading text-base font-medium text-soft">
                {own.reduce((sum, line) => sum + line.minutes, 0)} min
              </span>
            </h2>
            <ul>
              {own.map((line) => (
                <PrepRow key={line.id} line={line} carId={car.id} jobId={job?.id} />
              ))}
            </ul>
          </section>
        );
      })}
      <ToBringList list={toBring} />
      <p className="mt-4 text-soft">
        {figure(minutes / 60, 1)} hours of work from here. Life limits, torques and pressures of the maker
        come first; where the rules of an event or the road ask for more, those hold.
      </p>
    </main>
  );
}

const VERDICTS = {
  go: { word: 'Go', says: 'Everything on file holds for this event.', tone: 'border-go text-go' },
  buy: {
    word: 'Go, with spares',
    says: 'It may run out of something: take it along.',
    tone: 'border-bronze text-bronze',
  },
  look: {
    word: 'Not known yet',
    says: 'Nothing speaks against it, but not everything was looked at.',
    tone: 'border-blue text-blue',
  },
  not: {
    word: 'Not as it is',
    says: 'What stops it stands below, each with its figure.',
    tone: 'border-stop text-stop',
  },
} as const;

function Verdict({ preparation: { verdict, lines } }: { preparation: CarPreparation }) {
  const { word, says, tone } = VERDICTS[verdict];
  const count = (of: string) => lines.filter((line) => line.verdict === of).length;
  return (
    <div className={cn('flex items-center gap-3 border-2 border-l-8 bg-card p-3', tone)} role="status">
      {verdict === 'not' && <Octagon size={34} />}
      <p>
        <b className="narrow block text-2xl">{word}</b>
        <span className="text-ink">
          {says} {count('not')} not, {count('look')} to look at, {count('buy')} to bring.
        </span>
      </p>
    </div>
  );
}
