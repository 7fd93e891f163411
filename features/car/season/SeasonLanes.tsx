import { inSentence } from '@/core/base/sentence';
import { SEASON_LANES, type SeasonEntry, type SeasonLane } from '@/core/planning/season/lanes';
import { LEFT, MONTHS, monthStarts, WIDTH, xOf } from './axis';

const HEAD = 24;
const ROW = 30;
/** A day is drawn at least so wide, that it can be seen. */
const LEAST = 7;

/** What was run, done, filled and fitted in a year, a lane each; each thing leads to where it is written down. */
export function SeasonLanes({ year, entries }: { year: number; entries: readonly SeasonEntry[] }) {
  const lanes = (Object.keys(SEASON_LANES) as SeasonLane[]).filter((lane) =>
    entries.some((entry) => entry.lane === lane),
  );
  const height = HEAD + lanes.length * ROW + 4;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full"
      role="img"
      aria-label={`Days, jobs, fills and parts of ${year}`}
    >
      {monthStarts(year).map((x, month) => (
        <g key={MONTHS[month]}>
          <path d={`M${x} 0V${height}`} className="stroke-rule" />
          <text x={x + 4} y={16} className="fill-soft text-[0.8125rem]">
            {MONTHS[month]}
          </text>
        </g>
      ))}
      {lanes.map((lane, row) => (
        <g key={lane} transform={`translate(0 ${HEAD + row * ROW})`}>
          <path d={`M0 ${ROW}H${WIDTH}`} className="stroke-rule" />
          <text x={10} y={20} className="fill-ink text-[0.875rem] font-semibold">
            {SEASON_LANES[lane]}
          </text>
          {entries
            .filter((entry) => entry.lane === lane)
            .map(({ id, from, to, label, about }) => {
              const x = Math.max(LEFT, xOf(from, year));
              return (
                <rect
                  key={id}
                  x={x}
                  y={6}
                  width={Math.max(LEAST, xOf(to, year) - x)}
                  height={ROW - 12}
                  className={SHAPES[lane]}
                >
                  <title>{`${label}${about ? `, ${inSentence(about)}` : ''}`}</title>
                </rect>
              );
            })}
        </g>
      ))}
    </svg>
  );
}

const SHAPES: Record<SeasonLane, string> = {
  track: 'fill-straw stroke-ink',
  job: 'fill-sheet stroke-ink',
  fill: 'fill-blue stroke-ink',
  part: 'fill-bronze stroke-ink',
};
