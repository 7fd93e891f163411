import type { Place } from '../car/corner';
import { isEnough } from '../diagnosis/enough';
import { kept } from '../diagnosis/kept';
import type { CauseVerdict, Evidence, Verdict } from '../diagnosis/verdict';

/** A cause as the pages of a job hold it: the rest is worked out when somebody opens it (`diagnosis/behind`). */
export type JobCause = Pick<CauseVerdict, 'id' | 'probability' | 'corner' | 'broughtBy'> & {
  /** Some answer bears on it. */
  asked: boolean;
  /** The answers that speak for it, the loudest first. */
  speaksFor: SpeaksFor[];
};

/** An answer that speaks for a cause, and where it was given: the same at several wheels is said once. */
export type SpeaksFor = Pick<Evidence, 'finding' | 'state'> & { places?: Place[] };

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
      speaksFor: saidOnce(
        evidence.filter(({ bits }) => bits > LOUD).sort((left, right) => right.bits - left.bits),
      ),
    })),
    enough: isEnough(verdict),
  };
}

function saidOnce(evidence: readonly Evidence[]): SpeaksFor[] {
  const said = new Map<string, SpeaksFor>();
  for (const { finding, state, corner, axle } of evidence) {
    const each = kept(said, `${finding} ${state}`, (): SpeaksFor => ({ finding, state }));
    const place = corner ?? axle;
    if (place) each.places = [...(each.places ?? []), place];
  }
  return [...said.values()];
}
