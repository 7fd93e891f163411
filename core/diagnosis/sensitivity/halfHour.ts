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
  let off = wheelsOff;
  let spent = 0;
  let worth = 1;
  let corner: Corner | undefined;
  let where: string | undefined;
  const plan: PlannedCheck[] = [];
  const left = [...checks];
  const costOf = (check: NextCheck) => {
    const own = findingOf(check.id).minutes ?? check.minutes;
    return findingOf(check.id).where === 'wheels_off' && off ? own : check.minutes;
  };
  const take = (check: NextCheck, why: PlannedCheck['why']) => {
    const minutes = costOf(check);
    left.splice(left.indexOf(check), 1);
    plan.push({
      id: check.id,
      ...(check.corner ? { corner: check.corner } : {}),
      ...(check.axle ? { axle: check.axle } : {}),
      startsAt: spent,
      minutes,
      saves: check.saves * worth,
      why,
    });
    spent += minutes;
    worth *= OVERLAP;
    where = findingOf(check.id).where;
    if (where === 'wheels_off') off = true;
    if (check.corner) corner = check.corner;
  };
  for (;;) {
    const fits = left.filter((check) => spent + costOf(check) <= budget);
    const along = fits
      .filter(
        (check) =>
          where !== undefined &&
          findingOf(check.id).where === where &&
          costOf(check) <= SMALL &&
          (where !== 'wheels_off' || check.corner === undefined || check.corner === corner),
      )
      .sort((one, other) => other.saves / costOf(other) - one.saves / costOf(one))[0];
    if (along) {
      take(along, where === 'wheels_off' ? 'wheel_is_off' : 'while_there');
      continue;
    }
    const best = fits.sort((one, other) => other.saves / costOf(other) - one.saves / costOf(one))[0];
    if (!best) break;
    take(best, 'saves_most');
  }
  return { checks: plan, minutes: spent, left: budget - spent };
}
