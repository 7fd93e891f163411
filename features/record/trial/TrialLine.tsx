'use client';

import { dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import { type ChangeTrial, compareTrial, TRIAL_FIGURES } from '@/core/job/changeTrial';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { LapDots } from './LapDots';
import { trialBase, trialUnit } from './typed';

const SAYS = {
  better: 'Better, by more than laps differ by themselves',
  worse: 'Worse, by more than laps differ by themselves',
  within_spread: 'Not told apart: laps differ as much by themselves',
} as const;

/** What a change did over laps: both sides with their spread, the difference with its interval. */
export function TrialFigures({ trial }: { trial: Pick<ChangeTrial, 'figure' | 'before' | 'after'> }) {
  const units = useUnits();
  const { unit, decimals } = TRIAL_FIGURES[trial.figure];
  const result = compareTrial(trial);
  const base = trialBase(trial.figure);
  const at = (value: number) => units.show(value, base, decimals);
  // A difference of temperatures has no zero of its own.
  const apart = unit === '°C' ? 'K' : base;
  const by = (value: number, finer = 0) =>
    `${value < 0 ? '−' : '+'}${units.show(Math.abs(value), apart, decimals + finer)}`;
  const side = ({ mean, deviation }: { mean: number; deviation: number }, count: number) => (
    <>
      <b className="reading font-semibold">{at(mean)}</b>{' '}
      <span className="text-soft">
        ± {units.show(deviation, apart, decimals + 1)} over {count}
      </span>
    </>
  );
  return (
    <>
      <LapDots before={trial.before} after={trial.after} />
      <p>
        Before {side(result.before, trial.before.length)}, after {side(result.after, trial.after.length)}{' '}
        {trialUnit(trial.figure, units)}: {by(result.difference)}, in 95 of 100 cases between{' '}
        {by(result.between[0], 1)} and {by(result.between[1], 1)}.
      </p>
      <p className={`font-semibold ${result.says === 'worse' ? 'text-stop' : ''}`}>{SAYS[result.says]}.</p>
    </>
  );
}

/** A trial that was noted. */
export function TrialLine({ trial }: { trial: ChangeTrial }) {
  const { dateOrder } = useShop();
  return (
    <div className="mt-3">
      <p>
        <b>{trial.change}</b>: {inSentence(TRIAL_FIGURES[trial.figure].label)}, tried{' '}
        {dayWords(trial.onDate, dateOrder)}
      </p>
      <TrialFigures trial={trial} />
      {trial.note !== '' && <p>“{trial.note}”</p>}
    </div>
  );
}
