import { planOf, runOf, wantsBedIn } from '../planning/run/run';
import type { Due, Step } from '../planning/run/step';
import type { JobSheet } from './sheet';

/** New friction is looked at once it has run. */
const FACES: Due = { what: 'New faces looked at after 300 km', inDays: 21 };

/**
 * What the finished work on a car makes due, each once: what its steps say, what a trouble that was passed over asks,
 * and the look at new faces. Offered, never put down by itself. Common practice, no source.
 */
export function dueAfter({ works, ticks }: Pick<JobSheet, 'works' | 'ticks'>): Due[] {
  const due = works.flatMap((work): Due[] => {
    const run = runOf(work, ticks);
    if (run.state !== 'finished') return [];
    const ofSteps = run.steps.flatMap((step) => [
      ...(step.due ? [step.due] : []),
      ...passedOver(step, run.last.get(step.id)?.record.answer),
    ]);
    return wantsBedIn(planOf(work)) ? [...ofSteps, FACES] : ofSteps;
  });
  return due.filter((each, at) => due.findIndex(({ what }) => what === each.what) === at);
}

/** What falls due after the trouble that an answer means. */
function passedOver({ ask = [], troubles = [] }: Step, answer: unknown): Due[] {
  const chosen = ask.find(({ value }) => value === answer)?.trouble;
  const due = troubles.find(({ id }) => id === chosen)?.due;
  return due ? [due] : [];
}
