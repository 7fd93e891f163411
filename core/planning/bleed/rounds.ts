import type { Run } from '../run/run';
import { ROUND } from './roundStep';

/** Falls by less than this from round to round are the foot, not air, mm (model). */
export const SETTLED_MM = 1;

/** The pedal after each round so far, mm, in order. */
export function roundsOf({ history }: Pick<Run, 'history'>): number[] {
  const rounds: number[] = [];
  let open = false;
  for (const { step, record } of history) {
    if (step !== ROUND.step) {
      // A bleeder in between: what is read next is of another round.
      if (step.startsWith('bleed-')) open = false;
      continue;
    }
    const figure = record[ROUND.figure];
    if (typeof figure !== 'number') continue;
    if (open) rounds[rounds.length - 1] = figure;
    else rounds.push(figure);
    open = true;
  }
  return rounds;
}

/** Whether the last round still took travel off; unknown after the first. */
export function stillFalling(rounds: readonly number[]): boolean | undefined {
  const [before, last] = rounds.slice(-2);
  return last === undefined || before === undefined ? undefined : before - last >= SETTLED_MM;
}
