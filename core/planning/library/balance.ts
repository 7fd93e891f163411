import type { Procedure } from '../procedure';
import { carUp, coolFirst, propPedal, wheelsOn } from './car';
import { firmPedal, holdPedal, rolledOut } from './proofs';
import { step } from './step';

/** Jobs between two masters, and on what the two axles get. */
export const BALANCE = {
  bias: {
    label: 'Set the balance',
    about: 'Bar or valve, a turn at a time, with its old place marked',
    scope: 'car',
    touches: ['road', 'first_move'],
    minutes: 20,
    needs: [],
    measures: [],
    steps: () => [
      step(
        'Before',
        'mark',
        'Mark where it stands',
        'Paint or a count of turns: back to the mark is the way out.',
        {
          record: [{ id: 'turns', label: 'Turns', required: true, kind: 'figure', unit: 'turns' }],
        },
      ),
      step(
        'Fit',
        'turn',
        'One turn towards the end that locks last',
        'Bar square, both rods out alike before it is touched. Which way more front is, is marked on the bar or read by gauges at both ends; where they are fitted, both pressures go into the note. One change, then try.',
        { record: [{ id: 'now', label: 'Turns now', required: true, kind: 'figure', unit: 'turns' }] },
      ),
      firmPedal,
      holdPedal,
      step(
        'Proof',
        'try',
        'A few straight stops from a moderate speed',
        'The front must lock first. A car with a modulator shows it by which end pulses first.',
        {
          cautions: ['road'],
          drives: true,
          ask: [
            { value: 'front', label: 'Front first, straight' },
            { value: 'rear', label: 'Rear first, or it steps out', trouble: 'rear-first' },
          ],
          troubles: [
            {
              id: 'rear-first',
              label: 'The rear locks first',
              must: true,
              again: 'turn',
              lines: [
                'Stop here, no second try: a rear that locks turns the car round.',
                'Back to the mark, then one turn the other way.',
              ],
            },
          ],
        },
      ),
    ],
  },
  balance_bar: {
    label: 'Two masters and their bar',
    about: 'Square, free, equal rods: before a turn of it means anything',
    scope: 'car',
    touches: ['first_move', 'springs'],
    minutes: 60,
    needs: [],
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'mark',
        'Mark bar and rods where they stand',
        'Paint, and the turns written down: back to the mark is the way out.',
        {
          record: [{ id: 'turns', label: 'Turns', required: true, kind: 'figure', unit: 'turns' }],
        },
      ),
      step(
        'Apart',
        'slack-rods',
        'Return spring held, rods slack, bar turned by its ends',
        'Bearing in its tube without play and without grit; the ends a little loose sideways, or it binds half way down.',
        {
          cautions: ['spring_loaded'],
          ask: [
            { value: 'free', label: 'Free, no play' },
            { value: 'binds', label: 'It binds or rattles', trouble: 'binds' },
          ],
          troubles: [
            {
              id: 'binds',
              label: 'The bar binds or rattles',
              unfit: true,
              lines: ['Bar and bearing are renewed as a set.'],
            },
          ],
        },
      ),
      step(
        'Fit',
        'rods',
        'Both rods the same, bar square to the pedal at rest',
        'Square again half way down: that is where it works. Play at both rods, or a port stays shut.',
        { torque: 'clevis_nut', tool: 'Square, two spanners' },
      ),
      step(
        'Fit',
        'through',
        'Press right through with one end opened: the other end still stops the bar',
        'With one circuit lost the pedal must not meet the floor.',
        {
          ask: [
            { value: 'stops', label: 'It stops clear of the floor' },
            { value: 'floor', label: 'It meets the floor', trouble: 'floor-one' },
          ],
          troubles: [
            {
              id: 'floor-one',
              label: 'One circuit lost is no brake at all',
              must: true,
              lines: [
                'Rods, bar travel or pedal height are set again until either circuit alone stops the car.',
              ],
            },
          ],
          cautions: ['fluid', 'glasses'],
        },
      ),
      firmPedal,
      holdPedal,
    ],
    tradeOffs: ['A bar trims a car that is nearly right; it does not cure pistons that are wrong by half.'],
  },
  pressure_gauges: {
    label: 'Pressure at both ends, by gauge',
    about: 'What the front and the rear really get, press by press',
    scope: 'car',
    touches: ['lift', 'heat', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 90,
    needs: [],
    measures: ['firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      propPedal,
      step(
        'Fit',
        'gauges',
        'A gauge in a bleeder’s place at one front and one rear',
        'Good for twice what a hard press makes. Hoses away from the face.',
        {
          cautions: ['fluid', 'glasses', 'pressure'],
          tool: 'Two gauges with adapters',
          torque: 'bleeder',
        },
      ),
      step(
        'Fit',
        'gauges-bled',
        'Prop out, gauges bled at their own screws',
        'Air in a gauge reads late and low.',
        {
          cautions: ['fluid'],
        },
      ),
      step(
        'Fit',
        'sweep',
        'Light, middling, hard: front and rear at each, engine as driven',
        'Where the rear stops rising with the front is the valve’s knee. Write down both at the hardest press.',
        {
          record: [
            { id: 'front', label: 'Front, hard', required: true, kind: 'figure', unit: 'kPa' },
            { id: 'rear', label: 'Rear, hard', required: true, kind: 'figure', unit: 'kPa' },
          ],
        },
      ),
      step('Fit', 'gauge-hold', 'Hold it a minute: both needles stand', 'One that falls names its circuit.', {
        timerS: 60,
        ask: [
          { value: 'stand', label: 'Both stand' },
          { value: 'falls', label: 'One falls', trouble: 'falls' },
        ],
        troubles: [
          {
            id: 'falls',
            label: 'One falls',
            lines: ['That circuit: its joints, then its half of the master. Back to the verdict with it.'],
          },
        ],
      }),
      step('Fit', 'gauges-off', 'Gauges off, bleeders back', 'Rags under; the corners are bled next.', {
        cautions: ['fluid', 'pressure', 'glasses'],
        torque: 'bleeder',
      }),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
} as const satisfies Record<string, Procedure>;
