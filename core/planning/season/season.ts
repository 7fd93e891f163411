import { type Axle, axleOf } from '../../car/corner';
import type { DatedReading } from '../../readings/dated';
import { figuresOf } from '../../readings/figuresOf';
import type { FittedPart } from '../shelf/fitted';
import { PART_KINDS } from '../shelf/parts';
import type { CarEvent } from '../wear/sessions';
import type { SeasonEntry, SeasonSeries } from './lanes';

export type SeasonFacts = {
  carId: string;
  events: readonly CarEvent[];
  jobs: readonly {
    id: string;
    number: number;
    complaint: string;
    openedOn: string;
    closedOn: string | null;
    outcome: string;
  }[];
  fills: readonly { id: string; filledOn: string; product: string }[];
  parts: readonly FittedPart[];
  readings: readonly (DatedReading & { jobId: string })[];
  /** What each line may come to. */
  limits: Partial<Record<SeasonLineId, { value: number; from: string }>>;
  today: string;
};

export type Season = { entries: SeasonEntry[]; series: SeasonSeries[] };

/**
 * A car's year on one page: what was run, done, filled and fitted, by lane, and how its water, pads, rotors and pedal went.
 * What began before the year or ends after it is drawn to the year's ends.
 */
export function seasonOf(facts: SeasonFacts, year: number): Season {
  return {
    entries: entriesOf(facts)
      .filter(({ from, to }) => from <= `${year}-12-31` && to >= `${year}-01-01`)
      .map((entry) => ({
        ...entry,
        from: [entry.from, `${year}-01-01`].sort()[1]!,
        to: [entry.to, `${year}-12-31`].sort()[0]!,
      }))
      .sort((left, right) => left.from.localeCompare(right.from)),
    series: seriesOf(facts, year),
  };
}

/** Years in which anything happened, or is to, the newest first; this one is always among them. */
export function seasonYears(facts: SeasonFacts): number[] {
  const days = entriesOf(facts).flatMap(({ from, to }) => [from, to]);
  const years = [...days, facts.today, ...facts.readings.map(({ on }) => on)].map((day) =>
    Number(day.slice(0, 4)),
  );
  return [...new Set(years)].sort((left, right) => right - left);
}

function entriesOf({ carId, events, jobs, fills, parts, today }: SeasonFacts): SeasonEntry[] {
  return [
    ...events.map(
      ({ id, name, onDate, sessions }): SeasonEntry => ({
        ...{ id: `event ${id}`, lane: 'track', from: onDate, to: onDate, label: name },
        about: `${sessions} sessions`,
        href: onDate >= today ? `/car/${carId}/prepare?event=${id}` : `/car/${carId}#events`,
      }),
    ),
    ...jobs.map(
      ({ id, number, complaint, openedOn, closedOn, outcome }): SeasonEntry => ({
        ...{
          id: `job ${id}`,
          lane: 'job',
          from: openedOn,
          to: closedOn ?? today,
          label: complaint || `Job ${number}`,
        },
        about: closedOn ? outcome : 'in the bay',
        href: closedOn ? `/ledger/${id}` : `/job/${id}`,
      }),
    ),
    ...fills.map(
      ({ id, filledOn, product }): SeasonEntry => ({
        ...{ id: `fill ${id}`, lane: 'fill', from: filledOn, to: filledOn, label: product },
        ...{ about: '', href: `/car/${carId}#fills` },
      }),
    ),
    ...parts.map(
      ({ id, kind, place, what, fittedOn }): SeasonEntry => ({
        ...{
          id: `part ${id}`,
          lane: 'part',
          from: fittedOn,
          to: fittedOn,
          label: place === '' ? what : `${what}, ${place}`,
        },
        ...{ about: PART_KINDS[kind], href: `/car/${carId}#fitted` },
      }),
    ),
  ];
}

/** Which figure of which reading makes a line, and for which end of the car. */
export const SEASON_LINES = {
  water: { name: 'Water', which: '', kind: 'fluid', unit: '%', decimals: 1 },
  frontPads: { name: 'Front pads', which: 'lowest', kind: 'pads', unit: 'mm', decimals: 1, axle: 'front' },
  rearPads: { name: 'Rear pads', which: 'lowest', kind: 'pads', unit: 'mm', decimals: 1, axle: 'rear' },
  frontRotors: {
    name: 'Front rotors',
    which: 'lowest',
    kind: 'rotor',
    unit: 'mm',
    decimals: 2,
    axle: 'front',
  },
  rearRotors: { name: 'Rear rotors', which: 'lowest', kind: 'rotor', unit: 'mm', decimals: 2, axle: 'rear' },
  pedal: { name: 'Pedal travel', which: 'hardest press', kind: 'firmness', unit: 'mm', decimals: 0 },
} as const satisfies Record<string, Line>;

type Line = { name: string; which: string; kind: string; unit: string; decimals: number; axle?: Axle };
export type SeasonLineId = keyof typeof SEASON_LINES;

function seriesOf({ readings, limits }: SeasonFacts, year: number): SeasonSeries[] {
  return (Object.keys(SEASON_LINES) as SeasonLineId[]).flatMap((id): SeasonSeries[] => {
    const line: Line = SEASON_LINES[id];
    const { name, which, unit, decimals } = line;
    const byDay = new Map<string, SeasonSeries['points'][number]>();
    for (const reading of readings) {
      if (!reading.on.startsWith(`${year}-`) || !isOf(line, reading)) continue;
      const value = figureOf(reading, line);
      const known = byDay.get(reading.on);
      // Of several corners of a day the lowest stands for them; of the car as a whole the last.
      if (value === undefined || (which === 'lowest' && known && known.value <= value)) continue;
      byDay.set(reading.on, { on: reading.on, value, jobId: reading.jobId });
    }
    const points = [...byDay.values()].sort((left, right) => left.on.localeCompare(right.on));
    if (points.length === 0) return [];
    const limit = limits[id];
    return [{ name, which, unit, decimals, points, ...(limit ? { limit } : {}) }];
  });
}

function isOf({ kind, axle }: Line, reading: DatedReading): boolean {
  if (reading.kind !== kind) return false;
  return axle === undefined || (reading.corner !== '' && axleOf(reading.corner) === axle);
}

function figureOf({ kind, input }: DatedReading, { unit, which }: Line): number | undefined {
  const isLowest = which === 'lowest';
  const values = figuresOf({ kind, input })
    .filter((figure) => figure.unit === unit && (!isLowest || figure.before === 'lowest'))
    .map(({ value }) => value);
  if (values.length === 0) return undefined;
  return isLowest ? Math.min(...values) : values[0];
}
