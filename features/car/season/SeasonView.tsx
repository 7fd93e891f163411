'use client';

import { dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import { SEASON_LANES, type SeasonLane } from '@/core/planning/season/lanes';
import type { CarSeason } from '@/server/season/queries';
import { buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';
import { useShop } from '../../shell/ShopContext';
import { SeasonLanes } from './SeasonLanes';
import { SeasonLine } from './SeasonLine';

/** A car's year: what was run, done, filled and fitted above, its figures below, all on one line of months. */
export function SeasonView({ season }: { season: CarSeason }) {
  const { car, year, years, entries, series } = season;
  const { dateOrder } = useShop();
  return (
    <main id="main" className="mx-auto max-w-6xl p-4 desk:p-6">
      <div className="mb-4 flex flex-wrap items-center gap-3">
        <h1 className="text-3xl">
          {car.name}, {year}
        </h1>
        <nav aria-label="Years" className="flex flex-wrap gap-1">
          {years.map((each) => (
            <Link
              key={each}
              href={`/car/${car.id}/season?year=${each}`}
              aria-current={each === year ? 'page' : undefined}
              className={cn(
                'reading flex min-h-11 min-w-11 items-center justify-center border px-2',
                each === year ? 'border-ink bg-straw text-[#17202a]' : 'border-rule hover:bg-straw-wash',
              )}
            >
              {each}
            </Link>
          ))}
        </nav>
        <Link href={`/car/${car.id}`} className={cn(buttonClass('quiet'), 'ml-auto')}>
          The car
        </Link>
      </div>
      {entries.length === 0 && series.length === 0 ? (
        <p className="text-soft">Nothing is on file of that year.</p>
      ) : (
        <section
          aria-label="The year drawn"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keys
          tabIndex={0}
          className="overflow-x-auto border-y-2 border-ink bg-card"
        >
          <div className="min-w-[56rem]">
            <SeasonLanes year={year} entries={entries} />
            {series.map((line) => (
              <SeasonLine key={line.name} year={year} line={line} />
            ))}
          </div>
        </section>
      )}
      <div className="mt-5 grid gap-6 sm:grid-cols-2">
        {(Object.keys(SEASON_LANES) as SeasonLane[]).map((lane) => {
          const own = entries.filter((entry) => entry.lane === lane);
          return own.length === 0 ? null : (
            <section key={lane} aria-labelledby={`lane-${lane}`}>
              <h2 id={`lane-${lane}`} className="border-b-2 border-ink text-xl">
                {SEASON_LANES[lane]}
              </h2>
              <ul>
                {own.map(({ id, from, label, about, href }) => (
                  <li key={id} className="border-b border-rule">
                    <Link
                      href={href}
                      className="flex min-h-11 items-baseline justify-between gap-3 py-2 hover:bg-straw-wash"
                    >
                      <span>
                        {label} <span className="text-small text-soft">{inSentence(about)}</span>
                      </span>
                      <span className="reading shrink-0 text-soft">{dayWords(from, dateOrder)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
    </main>
  );
}
