import type { BaseUnit } from '@/core/base/units/display';
import { listed } from '@/core/base/units/retype';
import { TRIAL_COUNT, TRIAL_FIGURES, type TrialFigure } from '@/core/job/changeTrial';
import type { Units } from '../../shell/units';

/** The unit a trial's figure is typed and shown in; seconds and m/s² are the same in every shop. */
export function trialUnit(figure: TrialFigure, units: Units): string {
  const { unit } = TRIAL_FIGURES[figure];
  return unit === 's' || unit === 'm/s²' ? unit : units.unit(unit);
}

/** The base that a trial's figure is read in. */
export function trialBase(figure: TrialFigure): BaseUnit {
  const { unit } = TRIAL_FIGURES[figure];
  return unit === 's' || unit === 'm/s²' ? '' : unit;
}

/** What each list of laps stands in, in the form they are typed in. */
export function lapsBase(...path: string[]): readonly [BaseUnit] | undefined {
  return path[0] === 'laps' ? [trialBase(path[1] as TrialFigure)] : undefined;
}

/** Figures as they were typed one after another; or what is wrong with them. */
export function readLaps(text: string, figure: TrialFigure, units: Units): number[] | string {
  const { low, high, decimals } = TRIAL_FIGURES[figure];
  const base = trialBase(figure);
  const values: number[] = [];
  for (const token of listed(text)) {
    const value = units.read(token, base)?.value;
    if (value === undefined || !(value >= low && value <= high))
      return `${token} is not taken: ${units.show(low, base, decimals)} to ${units.show(high, base, 0)} ${trialUnit(figure, units)}`;
    values.push(value);
  }
  const { least, most } = TRIAL_COUNT;
  if (values.length < least || values.length > most)
    return `${values.length === 0 ? 'Nothing' : `${values.length} figure${values.length === 1 ? '' : 's'}`} is not taken: ${least} to ${most}, with spaces between`;
  return values;
}
