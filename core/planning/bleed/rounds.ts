import type { Run } from '../run/run';
import type { Step } from '../run/step';

/** Falls by less than this from round to round are the foot, not air, mm (model). */
export const SETTLED_MM = 1;

/** The step at which the pedal is measured after each round, and its figure there. */
export const ROUND = { step: 'round', figure: 'travel' } as const;

/** A bleed by foot goes round until the pedal figure stops getting better. */
export const roundStep: Step = {
  id: ROUND.step,
  part: 'Corner',
  title: 'How far does the pedal go at one firm press?',
  how: 'Everything closed. The same foot, the same push, the first press after half a minute; from where it rests to where it stops.',
  why: 'Air comes out a round at a time. When another round takes nothing off the travel, no more is coming.',
  tool: 'Rule from the wheel rim, or a pedal gauge',
  record: [{ id: ROUND.figure, label: 'Pedal travel', required: true, kind: 'figure', unit: 'mm' }],
  ask: [
    { value: 'stopped', label: 'No more to come: go on' },
    { value: 'again', label: 'Another round', trouble: 'again' },
  ],
  troubles: [
    {
      id: 'again',
      label: 'Another round',
      again: 'bleed-1',
      must: true,
      lines: [
        'Every corner again in the same order, until no bubble has come for a good 50 ml.',
        'Three rounds without a gain: not air, or air behind the modulator. To the verdict with that figure.',
      ],
    },
  ],
};

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
