import { axleOf } from '../../car/corner';
import { measureOfKind } from '../../readings/measures';
import type { LastReading } from '../prep/facts';
import type { FittedPart } from '../shelf/fitted';
import { PART_KINDS } from '../shelf/parts';
import type { CarEvent } from '../wear/sessions';

export const SEASON_LANES = {
  track: 'Days on track',
  job: 'Jobs',
  fill: 'Fluid filled',
  part: 'Parts fitted',
} as const;
export type SeasonLane = keyof typeof SEASON_LANES;

/** One thing on the line of a year: a day, or a time of several. */
export type SeasonEntry = {
  id: string;
  lane: SeasonLane;
  /** ISO days, both inside the year. */
  from: string;
  to: string;
  label: string;
  about: string;
  href: string;
};

/** One figure through a year. */
export type SeasonSeries = {
  name: string;
  unit: string;
  decimals: number;
  limit?: { value: number; from: string };
  points: { on: string; value: number; jobId: string }[];
};

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
  readings: readonly (LastReading & { jobId: string })[];
  limits: { wetFromPct: { value: number; from: string } };
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

/** Which figure of which reading makes a line, for which end of the car. */
const LINES = [
  { name: 'Water', kind: 'fluid', unit: '%', decimals: 1, axle: undefined, lowest: false },
  { name: 'Front pads, lowest', kind: 'pads', unit: 'mm', decimals: 1, axle: 'front', lowest: true },
  { name: 'Rear pads, lowest', kind: 'pads', unit: 'mm', decimals: 1, axle: 'rear', lowest: true },
  { name: 'Front rotors, lowest', kind: 'rotor', unit: 'mm', decimals: 2, axle: 'front', lowest: true },
  { name: 'Rear rotors, lowest', kind: 'rotor', unit: 'mm', decimals: 2, axle: 'rear', lowest: true },
  {
    name: 'Pedal travel at its hardest press',
    kind: 'firmness',
    unit: 'mm',
    decimals: 0,
    axle: undefined,
    lowest: false,
  },
] as const;

function seriesOf({ readings, limits }: SeasonFacts, year: number): SeasonSeries[] {
  return LINES.flatMap(({ name, kind, unit, decimals, axle, lowest }): SeasonSeries[] => {
    const byDay = new Map<string, SeasonSeries['points'][number]>();
    for (const reading of readings) {
      if (reading.kind !== kind || !reading.on.startsWith(`${year}-`)) continue;
      if (axle && (reading.corner === '' || axleOf(reading.corner) !== axle)) continue;
      const value = figureOf(reading, unit, lowest);
      const known = byDay.get(reading.on);
      // Of several corners of a day the lowest stands for them; of the car as a whole the last.
      if (value === undefined || (lowest && known && known.value <= value)) continue;
      byDay.set(reading.on, { on: reading.on, value, jobId: reading.jobId });
    }
    const points = [...byDay.values()].sort((left, right) => left.on.localeCompare(right.on));
    if (points.length === 0) return [];
    return [{ name, unit, decimals, points, ...(kind === 'fluid' ? { limit: limits.wetFromPct } : {}) }];
  });
}

function figureOf({ kind, input }: LastReading, unit: string, lowest: boolean): number | undefined {
  const values = (measureOfKind(kind)?.figures(input, undefined) ?? [])
    .filter((figure) => figure.unit === unit && (!lowest || figure.before === 'lowest'))
    .map(({ value }) => value)
    .filter((value) => value !== undefined && value !== null);
  if (values.length === 0) return undefined;
  return lowest ? Math.min(...values) : values[0];
}
