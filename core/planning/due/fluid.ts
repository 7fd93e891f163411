import { daysBetween, monthsAfter } from '../../base/day';
import { inSentence } from '../../base/sentence';
import { type Driven, dueByDistance } from './distance';
import type { WaterTrend } from './water';

/** Schools of when to change the fluid, common practice, no source. */
export const FLUID_SCHOOLS = {
  each_event: { label: 'Each track event', months: null, about: 'New for each event is cheap insurance' },
  each_season: { label: 'Each season', months: 12, about: 'Track cars driven gently, tested between events' },
  two_years: {
    label: 'Two years',
    months: 24,
    about: 'Road use, the cautious school',
  },
  three_years: {
    label: 'Three years',
    months: 36,
    about: 'Road use, the relaxed school; some measure water after 18 months',
  },
  months_or_distance: {
    label: 'Two years or 30000 km',
    months: 24,
    km: 30_000,
    about: 'Whichever is first, by the odometer at fills, jobs and events',
  },
  by_water: {
    label: 'By its water, two years at most',
    months: 24,
    water: true,
    about: 'Shops with a tester: two readings or more tell the day the margin is gone',
  },
} as const;

export type FluidSchool = keyof typeof FLUID_SCHOOLS;

/** `dueOn` is null, and `daysLeft` 0, where nobody knows when it was filled; both null while no second event is on the calendar. */
export type FluidDue = { dueOn: string | null; daysLeft: number | null; why: string };

/**
 * When the fluid falls due, under the shop's school: by months since the fill, by distance where that is sooner at the
 * car's own pace, by its water where that is too much sooner, or, where it is new for each event, before the second
 * event after it.
 * @param filledOn date of the last fill, ISO
 * @param today ISO date
 * @param since the car's days on track, ISO, past and to come, in any order; how far it was driven; how its water rises
 */
export function fluidDue(
  filledOn: string | null,
  school: FluidSchool,
  today: string,
  since: { events?: readonly string[]; driven?: Driven; water?: WaterTrend } = {},
): FluidDue {
  if (filledOn === null)
    return { dueOn: null, daysLeft: 0, why: 'No fill on record: measure it, or change it.' };
  const rule: { label: string; months: number | null; km?: number; water?: true } = FLUID_SCHOOLS[school];
  if (rule.months === null) return dueByEvent(filledOn, today, since.events ?? []);
  const byMonths = monthsAfter(filledOn, rule.months);
  const byDistance = rule.km === undefined ? undefined : dueByDistance(filledOn, rule.km, since.driven);
  const byWater = rule.water && since.water?.goneOn;
  const dueOn = [byDistance, byWater || undefined].reduce(
    (soonest: string, day) => (day !== undefined && day < soonest ? day : soonest),
    byMonths,
  );
  return {
    dueOn,
    daysLeft: daysBetween(today, dueOn),
    why: `Filled ${filledOn}${drivenWords(rule, since.driven)}${waterWords(rule, since.water)}; school: ${inSentence(rule.label)}.`,
  };
}

function drivenWords({ km }: { km?: number }, driven: Driven | undefined): string {
  if (km === undefined) return '';
  return driven
    ? `, ${Math.round(driven.lastKm - driven.fromKm)} km since`
    : ', the distance since not known';
}

function waterWords({ water }: { water?: true }, trend: WaterTrend | undefined): string {
  if (!water) return '';
  return trend
    ? `, ${trend.last.pct.toFixed(1)} % water on ${trend.last.on}, ${trend.perMonth.toFixed(2)} % more a month`
    : ', its water not read twice yet';
}

/** A fill is good for the first event after it; the next one wants its own. */
function dueByEvent(filledOn: string, today: string, events: readonly string[]): FluidDue {
  const since = events.filter((each) => each >= filledOn).sort();
  const dueOn = since[1];
  const ran = since.filter((each) => each < today).length;
  const why = `Filled ${filledOn}; ${ran === 0 ? 'no event' : ran === 1 ? 'one event' : `${ran} events`} since; school: new for each event.`;
  return dueOn === undefined
    ? { dueOn: null, daysLeft: null, why }
    : { dueOn, daysLeft: daysBetween(today, dueOn), why };
}
