import type { Procedure } from '../procedure';
import { carUp, coolFirst, wheelsOn } from './car';
import { measureFitted, measureFound } from './figures';
import { rolledOut } from './proofs';
import { atEach } from './step';

/** Jobs on drums and their shoes. */
export const DRUMS = {
  drum_service: {
    label: 'Drum service',
    about: 'Clean, dress, free, and set to a light drag',
    scope: 'axle',
    fits: { brake: 'drum' },
    touches: ['lift', 'dust', 'springs', 'wheels', 'first_move'],
    minutes: 75,
    needs: [
      { kind: 'shoes', what: 'Shoes, if they are due', quantity: 1, per: 'axle' },
      { kind: 'other', what: 'Hold-downs and springs, if they are due', quantity: 1, per: 'axle' },
    ],
    measures: ['drum', 'firmness', 'pedal'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      // One side whole before the other is touched: the other is the pattern.
      ...corners.flatMap((corner) => [
        ...atEach(
          [corner],
          'off',
          'drum off',
          'Parking brake off, adjuster slackened first; a drum on the bearing has its nut, pin and grease. Only this side: the other is the picture to copy.',
          { cautions: ['dust', 'spring_loaded', 'nobody_presses'] },
        ),
        ...measureFound('drum', [corner], 'drum and shoes'),
        ...atEach(
          [corner],
          'cylinder',
          'peel back a cylinder boot',
          'Before anything is dressed: what it has wetted is scrap.',
          {
            cautions: ['fluid'],
            ask: [
              { value: 'dry', label: 'Dry' },
              { value: 'wet', label: 'Wet inside', trouble: 'wet-cylinder' },
            ],
            troubles: [
              {
                id: 'wet-cylinder',
                label: 'A wet cylinder',
                unfit: true,
                lines: ['New cylinders on both sides, and shoes: add that job, in one visit with this.'],
              },
            ],
          },
        ),
        ...atEach(
          [corner],
          'dress',
          'linings and drum dressed',
          'Wet garnet paper across. Oiled linings are scrap, and their leak is the job; linings old enough to hold asbestos are not dressed. Pads of the backplate touched with grease.',
          { cautions: ['dust', 'mask'] },
        ),
        ...atEach(
          [corner],
          'adjuster',
          'adjuster free, threads greased',
          'Turned by a finger. One that adjusts by itself clicks one way only; left and right are not the same.',
        ),
        ...atEach(
          [corner],
          'set',
          'together, set to a light drag',
          'Then pump, then set again: the shoes centre themselves. This side is whole before the other is opened; the parking brake is set last of all.',
        ),
      ]),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  drum_turn: {
    label: 'Turn or renew the drums',
    about: 'Out of round pulses the pedal at every stop',
    scope: 'axle',
    fits: { brake: 'drum' },
    touches: ['lift', 'dust', 'springs', 'wheels', 'first_move'],
    minutes: 120,
    needs: [{ kind: 'drum', what: 'Drum', quantity: 1, per: 'corner' }],
    measures: ['drum'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(corners, 'off', 'drum off', 'Adjuster slackened first.', {
        cautions: ['dust', 'spring_loaded', 'nobody_presses'],
      }),
      ...measureFound('drum', corners, 'widest and narrowest bore'),
      ...atEach(
        corners,
        'turn',
        'turned or new',
        'Never past the largest bore cast on the drum; both sides alike. A new one is oiled: washed first.',
        { cautions: ['dust', 'fingers'] },
      ),
      ...measureFitted('drum', corners, 'bore as fitted'),
      ...atEach(corners, 'shoes', 'shoes fit the new bore', 'They must touch in the middle first.'),
      ...atEach(corners, 'set', 'set to a light drag', 'Pump, then set again.'),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
} as const satisfies Record<string, Procedure>;
