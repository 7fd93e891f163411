import { asksNow } from '@/core/diagnosis/follows';
import { placeFrom } from '@/core/diagnosis/verdict';
import type { Conditions } from '@/core/diagnosis/words/conditions';
import type { Suggestion } from '@/core/diagnosis/words/words';
import type { GivenFinding } from '@/core/readings/given';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { saidWords } from '@/core/readings/vocabulary/words';
import { figure } from '@/ui/format';
import type { Units } from '../../shell/units';

/** Of what was understood, what makes sense after what was answered, or was said beside it. */
export function sensible(said: readonly Suggestion[], given: readonly GivenFinding[] = []): Suggestion[] {
  const known = [...given, ...said.map(({ finding, state }) => ({ id: finding, state }))];
  return said.filter(({ finding }) => asksNow(findingOf(finding), known));
}

/** What was understood, as one would say it. */
export const meant = (said: Suggestion): string => saidWords(said.finding, placeFrom(said), said.state);

/** When and where, as far as it was said. */
export function conditionsSaid({ speedKmh, laps, hot, corner }: Conditions, units: Units): string {
  return [
    speedKmh !== undefined && units.full(speedKmh, 'km/h', 0),
    laps !== undefined && (laps === 1 ? '1 lap' : `${figure(laps, 0)} laps`),
    hot !== undefined && (hot ? 'hot' : 'cold'),
    corner,
  ]
    .filter(Boolean)
    .join(', ');
}
