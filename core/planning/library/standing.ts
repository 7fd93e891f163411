import type { Procedure } from '../procedure';
import { carUp, coolFirst, wheelsOn } from './car';
import { rolledOut } from './proofs';
import { atEach, step } from './step';

/** Jobs on cars that stand, or whose brakes hardly work. */
export const STANDING = {
  little_used: {
    label: 'Brakes that are hardly used',
    about: 'Electric and hybrid cars, and any that stand: rust, stuck slides, a glazed pad',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move', 'road'],
    minutes: 90,
    needs: [
      { kind: 'slide_kit', what: 'Slide pins with boots, if they are due', quantity: 1, per: 'corner' },
    ],
    measures: ['pads', 'rotor'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'faces',
        'both faces, by mirror: rust, pits, a bright band',
        'The inner face is the worse one. Pits a nail falls into do not come off by driving.',
        {
          cautions: ['dust'],
          ask: [
            { value: 'film', label: 'A film, no pits' },
            { value: 'pits', label: 'Pits or flaking', trouble: 'pits' },
          ],
          troubles: [
            {
              id: 'pits',
              label: 'Pits or flaking',
              unfit: true,
              lines: ['Cut or renewed in pairs: add that job.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'slide',
        'pins and abutments freed and greased',
        'What never moves seizes. Pads slide by a finger.',
        {
          cautions: ['dust', 'nobody_presses', 'caliper_hang'],
          torque: 'slide_pin',
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Proof',
        'burn-off',
        'Ten firm stops with regeneration at its least',
        'In neutral where it cannot be turned down. The rust goes, the film comes; then let it cool by driving.',
        {
          cautions: ['road', 'no_parking_brake'],
          drives: true,
          ask: [
            { value: 'even', label: 'Even and bright after it' },
            { value: 'band', label: 'A band stays', trouble: 'band' },
          ],
          troubles: [
            {
              id: 'band',
              label: 'A band stays',
              lines: ['The pad does not meet it: pins, abutments, or the face is gone. Cut or renew.'],
            },
          ],
        },
      ),
      step(
        'Finish',
        'habit',
        'Tell the driver: a few firm stops every week',
        'Where the car has a mode that braking uses the pads in, it is that one.',
      ),
    ],
  },
  lay_up: {
    label: 'Lay it up, or bring it back',
    about: 'Before a winter and after it: fluid, faces, seals, first stops',
    scope: 'car',
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move', 'road'],
    minutes: 120,
    needs: [],
    measures: ['fluid'],
    steps: ({ corners }) => [
      step(
        'Before',
        'water',
        'The fluid’s water, read',
        'It stands for months: wet fluid eats bores. Near its limit it is changed before, not after.',
        {
          measure: { measure: 'fluid', phase: 'before' },
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'stand',
        'faces wiped dry, pads drawn off them, boots looked at',
        'Parking brake off for the whole time, chocks. Washed and dried by driving first, never put away wet.',
        {
          cautions: ['dust', 'no_parking_brake'],
        },
      ),
      ...atEach(
        corners,
        'back',
        'coming back: turns free, no wet spot, faces scrubbed',
        'Before the first press. Rust by garnet paper and a wipe; seals that weep after standing are renewed.',
        {
          cautions: ['dust', 'mask'],
          ask: [
            { value: 'free', label: 'Free and dry, or laid up only now' },
            { value: 'wet', label: 'Wet or stuck', trouble: 'wet-back' },
          ],
          troubles: [
            {
              id: 'wet-back',
              label: 'Wet or stuck',
              unfit: true,
              lines: ['It does not roll: caliper or cylinder is the job. Under Checks, with its corner.'],
            },
          ],
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Proof',
        'first-stops',
        'First stops: six, gentle, then six firm',
        'Empty, straight. Noise goes by the third; a pull or a pulse that stays is looked at.',
        {
          cautions: ['road'],
          drives: true,
          ask: [
            { value: 'right', label: 'Straight and quiet, or it is laid up' },
            { value: 'wrong', label: 'It pulls or pulses', trouble: 'pulls' },
          ],
          troubles: [
            {
              id: 'pulls',
              label: 'It pulls or pulses',
              lines: ['Written down under Proof: the verdict takes it from there.'],
            },
          ],
        },
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
