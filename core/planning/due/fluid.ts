/** Schools of when to change the fluid, common practice, no source. */
export const FLUID_SCHOOLS = {
  each_event: { label: 'Each track event', months: 1, about: 'New for each event is cheap insurance' },
  each_season: { label: 'Each season', months: 12, about: 'Track cars driven gently, tested between events' },
  two_years: { label: 'Two years or 20,000 mi', months: 24, about: 'Road use, the cautious school' },
  three_years: {
    label: 'Three years or 40,000 mi',
    months: 36,
    about: 'Road use, the relaxed school; some measure water after 18 months',
  },
} as const;

export type FluidSchool = keyof typeof FLUID_SCHOOLS;

export type FluidDue = { dueOn: string; daysLeft: number; why: string };

/**
 * When the fluid falls due by date, under the shop's school.
 * @param filledOn date of the last fill, ISO
 * @param today ISO date
 */
export function fluidDue(filledOn: string | null, school: FluidSchool, today: string): FluidDue {
  if (filledOn === null)
    return { dueOn: today, daysLeft: 0, why: 'No fill on record: measure it, or change it.' };
  const due = new Date(`${filledOn}T00:00:00Z`);
  due.setUTCMonth(due.getUTCMonth() + FLUID_SCHOOLS[school].months);
  const dueOn = due.toISOString().slice(0, 10);
  return {
    dueOn,
    daysLeft: Math.round((due.getTime() - Date.parse(`${today}T00:00:00Z`)) / 86_400_000),
    why: `Filled ${filledOn}; school: ${FLUID_SCHOOLS[school].label.toLowerCase()}.`,
  };
}
