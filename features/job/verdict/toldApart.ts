import type { Confusable, Telling } from '@/core/diagnosis/sensitivity/confusable';
import type { FindingId } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';

/** How a check tells two causes apart, as one would say it: what settles it, and what only leans. */
export function toldApart({ finding, minutes, ifThis, ifOther }: NonNullable<Confusable['check']>): string {
  const how = ifThis.settles || ifOther.settles ? 'tells them apart' : 'helps to tell them apart';
  return `${how} in ${minutes} min: ${says(finding, ifThis, 'this one')}, ${says(finding, ifOther, 'the other')}`;
}

function says(finding: FindingId, telling: Telling, which: string): string {
  const word = stateInSentence(finding, telling.state);
  return telling.settles ? `${word} is ${which}` : `${word} speaks rather for ${which}`;
}
