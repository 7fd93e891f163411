import { definedOf } from '../../base/defined';
import type { Axle, Corner } from '../../car/corner';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import type { NextCheck } from '../verdict';

export type PlannedCheck = {
  id: FindingId;
  corner?: Corner;
  axle?: Axle;
  /** Minutes from now, and how long it takes where it stands in the plan. */
  startsAt: number;
  minutes: number;
  saves: number;
  why: 'saves_most' | 'while_there' | 'wheel_is_off';
};

export type HalfHour = { checks: PlannedCheck[]; minutes: number; left: number };

/** Checks this short cost nothing more while one stands there anyway, minutes. */
const SMALL = 3;
/** What a second look at the same question is worth: answers overlap (a modelling choice). */
const OVERLAP = 0.75;

/**
 * The time at hand, filled with checks: what saves most a minute first, wheels counted once, and the small ones at
 * the same place taken along. What several checks save overlaps, so each later one counts a little less.
 * @param checks ranked next checks, their minutes with taking the wheels off where that has still to be done
 * @param budget minutes at hand
 */
export function planHalfHour(checks: readonly NextCheck[], budget: number, wheelsOff: boolean): HalfHour {
  let at: Standing = { off: wheelsOff };
  let spent = 0;
  let worth = 1;
  const plan: PlannedCheck[] = [];
  const left = [...checks];
  for (;;) {
    const next = nextOf(
      left.filter((check) => spent + costOf(check, at) <= budget),
      at,
    );
    if (!next) break;
    const { check, why } = next;
    const minutes = costOf(check, at);
    left.splice(left.indexOf(check), 1);
    const { id, corner, axle, saves } = check;
    plan.push({ id, ...definedOf({ corner, axle }), startsAt: spent, minutes, saves: saves * worth, why });
    spent += minutes;
    worth *= OVERLAP;
    at = after(at, check);
  }
  return { checks: plan, minutes: spent, left: budget - spent };
}

/** Where one stands: whether the wheels are off, at which corner, at what part of the car. */
type Standing = { off: boolean; corner?: Corner; where?: string };

function costOf(check: NextCheck, { off }: Standing): number {
  const { where, minutes = check.minutes } = findingOf(check.id);
  return where === 'wheels_off' && off ? minutes : check.minutes;
}

function after(at: Standing, { id, corner = at.corner }: NextCheck): Standing {
  const { where } = findingOf(id);
  return { off: at.off || where === 'wheels_off', where, ...(corner ? { corner } : {}) };
}

/** A small one that can be done where one stands, else whichever saves most a minute. */
function nextOf(
  fits: readonly NextCheck[],
  at: Standing,
): { check: NextCheck; why: PlannedCheck['why'] } | undefined {
  const ranked = [...fits].sort(
    (one, other) => other.saves / costOf(other, at) - one.saves / costOf(one, at),
  );
  const along = ranked.find((check) => isAlong(check, at));
  if (along) return { check: along, why: at.where === 'wheels_off' ? 'wheel_is_off' : 'while_there' };
  return ranked[0] && { check: ranked[0], why: 'saves_most' };
}

function isAlong(check: NextCheck, at: Standing): boolean {
  const { where } = findingOf(check.id);
  if (at.where === undefined || where !== at.where || costOf(check, at) > SMALL) return false;
  return where !== 'wheels_off' || check.corner === undefined || check.corner === at.corner;
}
