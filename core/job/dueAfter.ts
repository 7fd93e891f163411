import { planOf, runOf, wantsBedIn } from '../planning/run/run';
import type { Due, Step } from '../planning/run/step';
import type { JobSheet } from './sheet';
import { givenIn } from './standing';

const CAP: Due = { what: 'New reservoir cap: through the old one the fluid takes up water', inDays: 7 };
/** New friction is looked at once it has run. */
const FACES: Due = { what: 'New faces looked at after 300 km', inDays: 21 };

/**
 * What the finished work on a car makes due, each once: what its steps say, what a trouble that was passed over asks,
 * the look at new faces, and a bad cap that was left on. Offered, never put down by itself. Common practice, no source.
 */
export function dueAfter({ works, ticks, answers }: Pick<JobSheet, 'works' | 'ticks' | 'answers'>): Due[] {
  const ofWork = works.flatMap((work): Due[] => {
    const run = runOf(work, ticks);
    if (run.state !== 'finished') return [];
    const ofSteps = run.steps.flatMap((step) => [
      ...(step.due ? [step.due] : []),
      ...passedOver(step, run.last.get(step.id)?.record.answer),
    ]);
    return wantsBedIn(planOf(work)) ? [...ofSteps, FACES] : ofSteps;
  });
  const due = [...ofWork, ...capLeft(works, answers)];
  return due.filter((each, at) => due.findIndex(({ what }) => what === each.what) === at);
}

/** A bad cap that was seen and not renewed: the fluid drinks on through it. */
function capLeft(works: JobSheet['works'], answers: JobSheet['answers']): Due[] {
  const bad = (['before', 'after'] as const).some((phase) =>
    givenIn(answers, phase).some(({ id, state }) => id === 'reservoir_cap' && state !== 'sound'),
  );
  const renewed = works.some(({ procedure }) => procedure === 'reservoir_cap');
  return bad && !renewed ? [CAP] : [];
}

/** What falls due after the trouble that an answer means. */
function passedOver({ ask = [], troubles = [] }: Step, answer: unknown): Due[] {
  const chosen = ask.find(({ value }) => value === answer)?.trouble;
  const due = troubles.find(({ id }) => id === chosen)?.due;
  return due ? [due] : [];
}
