import { z } from 'zod';
import { day } from '../base/issues/moment';
import { within, words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { TRIAL_COUNT, TRIAL_FIGURE_IDS, TRIAL_FIGURES, type TrialFigure } from './changeTrial';

const laps = (figure: TrialFigure) => {
  const { low, high, unit } = TRIAL_FIGURES[figure];
  const count = `${TRIAL_COUNT.least} to ${TRIAL_COUNT.most} figures`;
  return z
    .array(within(low, high, unit))
    .min(TRIAL_COUNT.least, count)
    .max(TRIAL_COUNT.most, count);
};

const trialOf = <T extends TrialFigure>(figure: T) =>
  z.strictObject({
    id: uuid(),
    onDate: day(),
    change: words(200).min(1, 'what was changed'),
    figure: z.literal(figure),
    before: laps(figure),
    after: laps(figure),
    note: words(400),
  });

const [first, ...others] = TRIAL_FIGURE_IDS;

/** A trial of one change, as it is noted: every figure in the range of what it is. */
export const changeTrialSchema = z.discriminatedUnion('figure', [trialOf(first!), ...others.map(trialOf)]);
