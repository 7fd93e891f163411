import type { Procedure } from '../procedure';
import { firmPedal, holdPedal, outOfLimit, step } from './common';

/** Jobs between the foot and the master. */
export const PEDAL = {
  pushrod: {
    label: 'Set the pushrod',
    about: 'Play enough to open the vent port, no more',
    scope: 'car',
    touches: ['first_move'],
    minutes: 25,
    needs: [],
    measures: ['pedal'],
    steps: () => [
      step('Before', 'play', 'Measure the free play at the pad', 'By hand, to the first resistance.', {
        measure: { measure: 'pedal', phase: 'before' },
        tool: 'Steel rule',
      }),
      step(
        'Apart',
        'ease',
        'Brakes on and stuck? Ease the master off its mount',
        'Frees at once: the rod was holding the vent port shut.',
      ),
      step(
        'Fit',
        'set',
        'Turn the rod, a quarter at a time',
        'Shorter lets the vent open; longer takes up lost travel.',
        {
          torque: 'clevis_nut',
          tool: 'Two spanners',
        },
      ),
      step('Fit', 'lamp', 'Brake lamp switch set again', 'It must not hold the pedal down.'),
      step(
        'Proof',
        'vent',
        'Press and look into the reservoir',
        'A small swirl as the pedal starts says the port was open.',
      ),
      firmPedal,
      holdPedal,
    ],
    tradeOffs: ['Too long drags when hot; too short gives a long pedal. When in doubt, play.'],
  },
  pedal_ratio: {
    label: 'Change the pedal ratio',
    about: 'Clevis and master moved by the same amount, so that the rod stays level',
    scope: 'car',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move', 'legal', 'springs'],
    minutes: 240,
    needs: [{ kind: 'other', what: 'Clevis pin, bush, plate for the master', quantity: 1, per: 'job' }],
    measures: ['ratio', 'pedal'],
    bleed: 'opened',
    steps: () => [
      step(
        'Before',
        'measure',
        'Measure A and B',
        'Pivot to the middle of the pad, pivot to the clevis pin.',
        {
          measure: { measure: 'ratio', phase: 'before' },
          tool: 'Tape, pedal off the car if you can',
        },
      ),
      step(
        'Before',
        'foul',
        'What would the moved master foul?',
        'Its bolts, the booster, the strut tower, the bonnet: look before you drill.',
        { cautions: ['legal'] },
      ),
      step(
        'Apart',
        'booster-out',
        'Booster to come out? Vacuum off, rod off the pedal',
        'An unassisted pedal needs the higher ratio. The stop, the lamp switch and the return spring go with it.',
        { cautions: ['spring_loaded'] },
      ),
      step(
        'Apart',
        'lines',
        'Lines off the master',
        'Plugs in, rags under: it moves further than its pipes bend. The bleed comes after.',
        { tool: 'Flare spanner', cautions: ['fluid', 'glasses'] },
      ),
      step(
        'Fit',
        'drill',
        'New clevis hole, bushed',
        'Square to the arm, no nearer to the edge than once its own width.',
        { tool: 'Drill, reamer', torque: 'clevis_nut', facts: 'pedal_ratio' },
      ),
      step('Fit', 'move', 'Move the master by the same distance', 'Level rod, no side load at half travel.', {
        torque: 'master_nut',
        facts: 'pedal_ratio',
      }),
      step('Fit', 'lines-on', 'Lines on again', 'Every union by hand first, then to the maker.', {
        torque: 'line_union',
        cautions: ['fluid'],
      }),
      step(
        'Fit',
        'floor',
        'Press it all the way down once, a bleeder open and its hose in the bottle',
        'The master must bottom before the pedal meets the floor or the stop. Keep it down until the bleeder is closed: letting go draws air in.',
        {
          tool: 'Helper at the bleeder',
          cautions: ['fluid'],
          ask: [
            { value: 'clear', label: 'Clear of the floor' },
            { value: 'touches', label: 'It touches', trouble: 'touches' },
          ],
          troubles: [
            {
              id: 'touches',
              label: 'It touches the floor',
              must: true,
              lines: [
                'With one circuit lost the pedal would be on the floor with nothing left.',
                'Lower ratio, another master, or the pedal set higher. Do not drive it like this.',
              ],
            },
          ],
        },
      ),
      step(
        'Finish',
        'split',
        'Is it still a split system?',
        'Front and rear, or diagonal, each on its own chamber.',
        { cautions: ['single_circuit', 'legal'] },
      ),
      firmPedal,
      holdPedal,
    ],
    tradeOffs: [
      'Above the band: long travel, maybe the floor. Below it: a leg press.',
      'Without a booster the foot feels the line pressure itself and has to make all of it.',
    ],
  },
  pedal_pivot: {
    label: 'New pedal bush and pin',
    about: 'Side play and lost travel at the pivot or the clevis',
    scope: 'car',
    touches: ['first_move', 'springs'],
    minutes: 60,
    needs: [{ kind: 'bush', what: 'Pedal bush and pin', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: () => [
      step('Apart', 'spring', 'Return spring off, clevis off, pin out', 'Note which way the clip sits.', {
        cautions: ['spring_loaded'],
      }),
      step('Fit', 'bush', 'New bush, pin and clip', 'Grease that does not eat the bush.', {
        torque: 'pedal_pivot',
      }),
      step('Fit', 'lamp', 'Brake lamp comes on and goes off', 'Set the switch again.'),
      firmPedal,
      holdPedal,
    ],
  },
  brace: {
    label: 'Brace the master',
    about: 'Where the firewall moves with the pedal',
    scope: 'car',
    touches: ['first_move', 'legal'],
    minutes: 180,
    needs: [{ kind: 'other', what: 'Brace with its bolts', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: () => [
      step('Before', 'move', 'Measure how far the master moves', 'Dial on its nose, a hard press.', {
        measure: { measure: 'pedal', phase: 'before' },
        tool: 'Dial indicator, helper',
      }),
      step(
        'Before',
        'by-hand',
        'Hold a bar against its nose and press again',
        'Felt at once at the pedal: then a brace is worth its weight.',
      ),
      step(
        'Before',
        'foul',
        'What would a brace foul?',
        'Strut tower, wiring, the cap and its filler. It has to come off to bleed or it must leave room.',
        { cautions: ['legal'] },
      ),
      step('Fit', 'fit', 'Brace on, just touching', 'Preload bends the master; a gap does nothing.', {
        torque: 'master_nut',
      }),
      step('Proof', 'again', 'Measure the movement again', 'Same place, same press.', {
        measure: { measure: 'pedal', phase: 'after' },
        troubles: [outOfLimit],
      }),
      firmPedal,
      holdPedal,
    ],
  },
  booster: {
    label: 'New booster',
    about: 'A diaphragm that holds no vacuum, or gives no help',
    scope: 'car',
    fits: { assist: ['vacuum', 'hydraulic'] },
    touches: ['first_move', 'springs'],
    minutes: 150,
    needs: [{ kind: 'booster', what: 'Booster', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: () => [
      step('Before', 'vacuum', 'Prove the vacuum first', 'At the booster’s own port, engine idling.', {
        measure: { measure: 'pedal', phase: 'before' },
        tool: 'Vacuum gauge',
      }),
      step('Apart', 'master-aside', 'Master aside, pipes still on', 'Support it: bent pipes crack later.'),
      step('Apart', 'out', 'Rod off the pedal, nuts off, booster out', 'From inside the footwell.', {
        cautions: ['spring_loaded'],
      }),
      step(
        'Fit',
        'rod',
        'Set the output rod',
        'To the maker’s gap against the master: too long and the brakes stay on.',
        {
          tool: 'Depth gauge',
        },
      ),
      step('Fit', 'in', 'Booster and master on', 'New gasket, dry mouth.', {
        torque: ['booster_nut', 'master_nut'],
      }),
      step('Proof', 'start', 'Pump it empty, hold, start the engine', 'The pedal must drop under the foot.'),
      firmPedal,
      holdPedal,
    ],
  },
  vacuum_line: {
    label: 'New vacuum hose and check valve',
    about: 'No vacuum reaches a booster that is sound',
    scope: 'car',
    fits: { assist: ['vacuum'] },
    touches: ['first_move'],
    minutes: 30,
    needs: [{ kind: 'other', what: 'Vacuum hose and check valve', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: () => [
      step(
        'Before',
        'listen',
        'Listen along the hose, engine idling',
        'A hiss, a soft place, a valve that blows both ways.',
      ),
      step(
        'Fit',
        'renew',
        'New hose and valve',
        'The arrow points to the engine. Vacuum hose, not fuel hose: it must not collapse.',
      ),
      step('Proof', 'gauge', 'Vacuum at the booster again', 'Engine idling, then off: it must hold.', {
        measure: { measure: 'pedal', phase: 'after' },
        troubles: [outOfLimit],
        tool: 'Vacuum gauge',
      }),
      step('Proof', 'start', 'Pump it empty, hold, start the engine', 'The pedal must drop under the foot.'),
      firmPedal,
    ],
  },
  hydraulic_assist: {
    label: 'Restore the hydraulic assist',
    about: 'Fluid, belt or pump, and the leak that took it',
    scope: 'car',
    fits: { assist: ['hydraulic'] },
    touches: ['first_move', 'pressure'],
    minutes: 60,
    needs: [{ kind: 'other', what: 'Assist fluid as the maker names it', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: () => [
      step(
        'Before',
        'let-down',
        'Let the pressure down',
        'As the maker says: many presses with the engine off.',
        {
          cautions: ['assist_pressure', 'pressure', 'glasses'],
        },
      ),
      step(
        'Apart',
        'leak',
        'Find where it went',
        'Pump, hoses, the booster’s own seal. Topped up over a leak it goes again.',
      ),
      step(
        'Fit',
        'fill',
        'Fill and bleed as the maker says',
        'Its own fluid: brake fluid ruins it, and the other way round.',
      ),
      step('Proof', 'start', 'Hold the pedal, start the engine', 'The pedal must drop under the foot.'),
      firmPedal,
    ],
  },
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
      step('Fit', 'turn', 'One turn towards the end that locks last', 'One change, then try.'),
      firmPedal,
      step('Proof', 'try', 'A few straight stops from a moderate speed', 'The front must lock first.', {
        cautions: ['road'],
        drives: true,
      }),
    ],
  },
} as const satisfies Record<string, Procedure>;
