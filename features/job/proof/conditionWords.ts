import { asSentence } from '@/core/base/sentence';
import type { DriveCondition } from '@/core/job/driveConditions';
import type { Units } from '../../shell/units';

/** The conditions of a complaint as one would say them to the driver; a plain drive where nothing was said of them. */
export function conditionWords(conditions: readonly DriveCondition[], units: Units): string {
  const words = conditions.map((term) => wordsOf(term, units));
  return words.length === 0 ? 'As in the complaint, several stops' : asSentence(words.join('; '));
}

function wordsOf(term: DriveCondition, units: Units): string {
  switch (term.id) {
    case 'hot':
      return 'hot, after hard stops or laps';
    case 'cold':
      return 'from cold, at the first stops';
    case 'laps':
      return `${term.laps} laps or more`;
    case 'after_corners':
      return 'on the straight after hard corners and kerbs';
    case 'speed':
      return `from ${units.full(term.kmh, 'km/h', 0)}`;
  }
}
