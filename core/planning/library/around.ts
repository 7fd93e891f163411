import type { Procedure } from '../procedure';
import { carUp, coolFirst, wheelsOn } from './car';
import { outOfLimit } from './figures';
import { firmPedal, rolledOut } from './proofs';
import { atEach, step } from './step';

/** Jobs around the brake: its air, what got into it, and what is no fault. */
export const AROUND = {
  cooling_duct: {
    label: 'Duct to the core',
    about: 'Air into the middle of the rotor, out through the vanes, never at one face',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'heat', 'wheels', 'first_move', 'legal'],
    minutes: 180,
    needs: [{ kind: 'other', what: 'Duct, hose, clips', quantity: 1, per: 'corner' }],
    measures: ['heat'],
    steps: ({ corners }) => [
      step(
        'Before',
        'before',
        'Peaks before: paint and strips',
        'Same day, same laps, or the weather did it.',
        { measure: { measure: 'heat', phase: 'before' } },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'mouth',
        'mouth where the air is fast',
        'Bumper or under the nose, not behind something.',
        { cautions: ['legal'] },
      ),
      ...atEach(
        corners,
        'core',
        'end at the rotor’s core',
        'Inboard, into the eye. Air thrown at one face cones or cracks the rotor. A shield cut away bares a ball joint and a sensor: they get one of their own.',
      ),
      ...atEach(
        corners,
        'clear',
        'clear at lock and droop',
        'Hanging, loaded, lock to lock. Metal clips near heat: plastic lets go. Melted hose near a rotor is a temperature reading too late.',
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Finish',
        'after',
        'Peaks after, the same day',
        'The same laps, beside those before. Tape over half the mouth when it is cold: pads want their heat.',
        { measure: { measure: 'heat', phase: 'after' }, troubles: [outOfLimit] },
      ),
    ],
    tradeOffs: ['Weight and drag. A duct throws heat away, a heavier rotor holds it, bigger pads spread it.'],
  },
  debris: {
    label: 'Take the debris out',
    about: 'A stone, a clip, a dust shield that touches',
    scope: 'corner',
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move'],
    minutes: 20,
    needs: [],
    measures: [],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'out',
        'turn, listen, clear it',
        'Between rotor and shield, in the vanes; in the pad only with the pads out. A shield that rubs is bent back by hand until it clears the rotor all the way round.',
        { cautions: ['dust', 'fingers'] },
      ),
      ...atEach(
        corners,
        'face',
        'look at what it did',
        'A groove the nail catches is the next job. A hose or wire it has touched is looked at under pressure.',
      ),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  explain: {
    label: 'Nothing to repair: say what it is',
    about: 'The anti-lock system at its work',
    scope: 'car',
    fits: { abs: true },
    touches: ['road', 'first_move'],
    minutes: 10,
    needs: [],
    measures: [],
    steps: () => [
      firmPedal,
      step(
        'Before',
        'first',
        'Tyres and their pressures, codes, at which speed it comes',
        'One worn tyre, a stored code or a pulse far from the limit is a fault that wants finding, not a talk.',
        {
          ask: [
            { value: 'nothing', label: 'Nothing found' },
            { value: 'found', label: 'Something found', trouble: 'found' },
          ],
          troubles: [
            {
              id: 'found',
              label: 'Something found',
              lines: ['That first: back to the checks with it, and nobody is told that all is well.'],
            },
          ],
        },
      ),
      step(
        'Proof',
        'show',
        'Show it: loose ground, then just short of the limit',
        'Pulses only at the limit: it is working. Short of it too: something else, back to the checks.',
        { cautions: ['road'], drives: true },
      ),
      step(
        'Finish',
        'tell',
        'Tell the driver to keep the foot down',
        'The pedal may pulse, grate and drop a little.',
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
