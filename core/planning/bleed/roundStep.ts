import type { Step } from '../run/step';

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
