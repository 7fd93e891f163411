import { asSentence, inSentence, listed } from '../../base/sentence';
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

/** The same within a sentence. */
export const stateInSentence = (finding: FindingId, said: string): string =>
  inSentence(stateWord(finding, said));

/** An answer in a sentence: "wheel bearing play FR: excess". */
export function answerWords(finding: FindingId, place: Place | undefined, state: string | undefined): string {
  const asked = inSentence(question(finding, place));
  return state === undefined ? asked : `${asked}: ${stateInSentence(finding, state)}`;
}

/** An answer by itself, where a yes goes without saying: "Spongy pedal", "When it shows: only hot". */
export function saidWords(
  finding: FindingId,
  place: Place | readonly Place[] | undefined,
  state: string,
): string {
  const word = stateInSentence(finding, state);
  return word === 'yes' ? question(finding, place) : `${question(finding, place)}: ${word}`;
}

const question = (finding: FindingId, place: Place | readonly Place[] | undefined) =>
  place ? `${findingOf(finding).label} ${listed([place].flat())}` : findingOf(finding).label;
