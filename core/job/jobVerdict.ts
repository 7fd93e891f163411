import { isEnough } from '../diagnosis/enough';
import type { CauseVerdict, Evidence, Verdict } from '../diagnosis/verdict';

/** A cause as the pages of a job hold it: the rest is worked out when somebody opens it (`diagnosis/behind`). */
export type JobCause = Pick<CauseVerdict, 'id' | 'probability' | 'corner' | 'broughtBy'> & {
  /** Some answer bears on it. */
  asked: boolean;
  /** The answers that speak for it, the loudest first. */
  speaksFor: Pick<Evidence, 'finding' | 'state'>[];
};

/** A verdict without what nobody looks at unasked: the weights of every answer on every cause are most of its length. */
export type JobVerdict = Omit<Verdict, 'causes'> & {
  causes: JobCause[];
  /** No check left would change what to do. */
  enough: boolean;
};

/** An answer speaks for a cause when it moves it by more than this, bits. */
const LOUD = 0.3;

/** The verdict for a job's pages. */
export function jobVerdict(verdict: Verdict): JobVerdict {
  return {
    ...verdict,
    causes: verdict.causes.map(({ id, probability, corner, broughtBy, evidence }) => ({
      ...{ id, probability },
      ...(corner ? { corner } : {}),
      ...(broughtBy ? { broughtBy } : {}),
      asked: evidence.length > 0,
      speaksFor: evidence
        .filter(({ bits }) => bits > LOUD)
        .sort((left, right) => right.bits - left.bits)
        .map(({ finding, state }) => ({ finding, state })),
    })),
    enough: isEnough(verdict),
  };
}
