import { monthsAfter } from '../../base/day';
import { LIMIT_SPECS, type LimitName, limitFor, type ShopLimits } from '../../car/limits/catalogue';
import { SOURCE_WORDS } from '../../car/limits/sources';
import type { FittedPart } from '../shelf/fitted';
import type { PartKind } from '../shelf/parts';
import { type CarEvent, dayWhen, sessionsBy } from '../wear/sessions';

/** Parts that are renewed by their age or by what they ran, whatever they look like, and the shop's limits of that. */
export const PART_LIVES: Partial<Record<PartKind, { months?: LimitName; sessions?: LimitName }>> = {
  studs: { months: 'studsMonths', sessions: 'studsSessions' },
  hose: { months: 'hoseMonths' },
  seal_kit: { months: 'sealMonths', sessions: 'sealSessions' },
  float_kit: { sessions: 'floatSessions' },
  cap: { months: 'capMonths' },
};

export type PartDue = { dueOn: string | null; why: string };

/**
 * When a part has reached its life: by its months or by the sessions it runs, whichever is first.
 * @param events the car's days on track, run and to come
 * @returns undefined for a part that has no life of its own; `dueOn` null where no event on the calendar reaches it
 */
export function partDue(
  part: Pick<FittedPart, 'kind' | 'fittedOn'>,
  events: readonly CarEvent[],
  limits: ShopLimits,
  today: string,
): PartDue | undefined {
  const life = PART_LIVES[part.kind];
  if (!life) return undefined;
  const since = events.filter((event) => event.onDate > part.fittedOn);
  const days: string[] = [];
  const counts: string[] = [];
  const from = new Set<string>();
  for (const unit of ['months', 'sessions'] as const) {
    const name = life[unit];
    if (!name) continue;
    const limit = limitFor(name, limits);
    from.add(SOURCE_WORDS[limit.from]);
    if (unit === 'months') {
      days.push(monthsAfter(part.fittedOn, limit.value));
      counts.push(`good for ${limit.value} ${LIMIT_SPECS[name].unit}`);
    } else {
      const day = dayWhen(since, (sessions) => sessions > limit.value);
      if (day) days.push(day);
      counts.push(`${sessionsBy(since, today)} of ${limit.value} sessions run`);
    }
  }
  return {
    dueOn: days.sort()[0] ?? null,
    why: `Fitted ${part.fittedOn}; ${counts.join(', ')} (${[...from].join(', ')}).`,
  };
}
