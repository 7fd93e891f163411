/** Schools of when to change the fluid, common practice, no source. */
export const FLUID_SCHOOLS = {
  each_event: { label: 'Each track event', months: null, about: 'New for each event is cheap insurance' },
  each_season: { label: 'Each season', months: 12, about: 'Track cars driven gently, tested between events' },
  two_years: {
    label: 'Two years',
    months: 24,
    about:
      'Road use, the cautious school; those who go by distance too change at 20,000 miles if that is sooner',
  },
  three_years: {
    label: 'Three years',
    months: 36,
    about: 'Road use, the relaxed school; some measure water after 18 months',
  },
} as const;

export type FluidSchool = keyof typeof FLUID_SCHOOLS;

/** `dueOn` is null, and `daysLeft` 0, where nobody knows when it was filled; both null while no second event is on the calendar. */
export type FluidDue = { dueOn: string | null; daysLeft: number | null; why: string };

/**
 * When the fluid falls due, under the shop's school: by months since the fill, or, where it is new for each event, before
 * the second event after it.
 * @param filledOn date of the last fill, ISO
 * @param today ISO date
 * @param events dates of the car's days on track, ISO, past and to come, in any order
 */
export function fluidDue(
  filledOn: string | null,
  school: FluidSchool,
  today: string,
  events: readonly string[] = [],
): FluidDue {
  if (filledOn === null)
    return { dueOn: null, daysLeft: 0, why: 'No fill on record: measure it, or change it.' };
  const { months } = FLUID_SCHOOLS[school];
  if (months === null) return dueByEvent(filledOn, today, events);
  const due = new Date(`${filledOn}T00:00:00Z`);
  due.setUTCMonth(due.getUTCMonth() + months);
  const dueOn = due.toISOString().slice(0, 10);
  return {
    dueOn,
    daysLeft: daysTo(dueOn, today),
    why: `Filled ${filledOn}; school: ${FLUID_SCHOOLS[school].label.toLowerCase()}.`,
  };
}

/** A fill is good for the first event after it; the next one wants its own. */
function dueByEvent(filledOn: string, today: string, events: readonly string[]): FluidDue {
  const since = events.filter((each) => each >= filledOn).sort();
  const dueOn = since[1];
  const ran = since.filter((each) => each < today).length;
  const why = `Filled ${filledOn}; ${ran === 0 ? 'no event' : ran === 1 ? 'one event' : `${ran} events`} since; school: new for each event.`;
  return dueOn === undefined
    ? { dueOn: null, daysLeft: null, why }
    : { dueOn, daysLeft: daysTo(dueOn, today), why };
}

function daysTo(day: string, today: string): number {
  return Math.round((Date.parse(`${day}T00:00:00Z`) - Date.parse(`${today}T00:00:00Z`)) / 86_400_000);
}
