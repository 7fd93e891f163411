import { asSentence, inSentence } from '../../base/sentence';
import type { Place } from '../../car/corner';
import { type FindingId, findingOf } from './findings';
import { statesIn } from './several';

/** What a mechanic calls this state, or the states of an answer that names several. */
export function stateWord(finding: FindingId, said: string): string {
  const words = statesIn(said).map((state) => oneWord(finding, state));
  return [words[0], ...words.slice(1).map(inSentence)].join(', ');
}

function oneWord(finding: FindingId, state: string): string {
  return findingOf(finding).words?.[state] ?? asSentence(state.replaceAll('_', ' '));
}

/** An answer in a sentence: "wheel bearing play FR: excess". */
export function answerWords(finding: FindingId, place: Place | undefined, state: string | undefined): string {
  const asked = [inSentence(findingOf(finding).label), ...(place ? [place] : [])].join(' ');
  return state === undefined ? asked : `${asked}: ${inSentence(stateWord(finding, state))}`;
}
