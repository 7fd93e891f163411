import type { Procedure } from '../procedure';
import { outOfLimit } from './figures';
import { firmPedal, holdPedal, portOpen } from './proofs';
import { step } from './step';

/** Jobs between the foot and the master. */
export const PEDAL = {
  pushrod: {
    label: 'Set the pushrod',
    about: 'Play enough to open the vent port, no more',
    scope: 'car',
    touches: ['first_move'],
    minutes: 25,
    needs: [],
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'play',
        'Measure the free play at the pad',
        'Engine off, the booster’s help pumped out. By hand, to the first resistance.',
        {
          measure: { measure: 'pedal', phase: 'before' },
          tool: 'Steel rule',
        },
      ),
      step(
        'Before',
        'ease',
        'Are the brakes on and stuck?',
        'Only then: ease the master off its mount a few millimetres, pipes left alone. Frees at once: the rod was holding the vent port shut.',
        {
          ask: [
            { value: 'no', label: 'Not stuck' },
            { value: 'frees', label: 'Stuck; easing it freed them' },
            { value: 'stays', label: 'Stuck; easing changes nothing', trouble: 'stays' },
          ],
          troubles: [
            {
              id: 'stays',
              label: 'Easing the master changes nothing',
              lines: [
                'Then it is not the rod: a hose that has closed, or calipers. Back to the verdict with that answer.',
              ],
            },
          ],
        },
      ),
      step(
        'Fit',
        'set',
        'Turn the rod, a quarter at a time',
        'The rod at the pedal sets the play; the rod out of a booster has its own gap and is measured, not guessed. Shorter lets the vent open; longer takes up lost travel.',
        {
          torque: 'clevis_nut',
          tool: 'Two spanners',
        },
      ),
      step('Fit', 'lamp', 'Brake lamp switch set again', 'It must not hold the pedal down.'),
      step('Fit', 'play-after', 'Measure the free play again', 'Same place, by hand.', {
        measure: { measure: 'pedal', phase: 'after' },
        troubles: [outOfLimit],
        tool: 'Steel rule',
      }),
      firmPedal,
      holdPedal,
      portOpen,
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
    measures: ['ratio', 'firmness', 'pedal'],
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
        'The engine’s port plugged, the hose tied off. An unassisted pedal needs the higher ratio. The stop, the lamp switch and the return spring go with it.',
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
        'Fit',
        'strong',
        'Three full presses with all your weight, then look along the arm',
        'Nothing bends, no crack at the new hole, the clip still in the pin.',
        {
          tool: 'Helper, lamp',
          ask: [
            { value: 'straight', label: 'Straight and sound' },
            { value: 'bends', label: 'Bent or cracked', trouble: 'bends' },
          ],
          troubles: [
            {
              id: 'bends',
              label: 'The arm gave',
              must: true,
              lines: ['A new arm, made for it. This one is not welded and not driven.'],
            },
          ],
        },
      ),
      step('Fit', 'ratio-after', 'Measure A and B again', 'As it is now, for the next one who bleeds it.', {
        measure: { measure: 'ratio', phase: 'after' },
        troubles: [outOfLimit],
      }),
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
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'side-play',
        'Side play at the pad, as it stands',
        'By hand, both ways. A clutch on the same pin is looked at too.',
        {
          record: [{ id: 'before', label: 'Side play', kind: 'figure', unit: 'mm' }],
          tool: 'Steel rule',
        },
      ),
      step('Apart', 'spring', 'Return spring off, clevis off, pin out', 'Note which way the clip sits.', {
        cautions: ['spring_loaded'],
      }),
      step('Fit', 'bush', 'New bush, pin and clip', 'Grease that does not eat the bush.', {
        torque: 'pedal_pivot',
        record: [{ id: 'after', label: 'Side play now', kind: 'figure', unit: 'mm' }],
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
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'move',
        'Measure how far the master moves',
        'Engine off, hands and sleeves clear of belt and fan, a word before each press. Dial on its nose, a hard press.',
        {
          cautions: ['fingers'],
          measure: { measure: 'pedal', phase: 'before' },
          tool: 'Dial indicator, helper',
        },
      ),
      step(
        'Before',
        'by-hand',
        'Hold a bar against its nose and press again',
        'Felt at once at the pedal: then a brace is worth its weight.',
        { cautions: ['fingers'] },
      ),
      step(
        'Before',
        'foul',
        'What would a brace foul?',
        'Strut tower, wiring, the cap and its filler. It has to come off to bleed or it must leave room.',
        { cautions: ['legal'] },
      ),
      step(
        'Fit',
        'fit',
        'Brace on, just touching',
        'Its own bolts by their own figure. Preload bends the master; a gap does nothing.',
        {
          record: [{ id: 'doneUp', label: 'Brace’s bolts', kind: 'figure', unit: 'N·m' }],
        },
      ),
      step('Proof', 'again', 'Measure the movement again', 'Same place, same press.', {
        measure: { measure: 'pedal', phase: 'after' },
        troubles: [outOfLimit],
      }),
      firmPedal,
      holdPedal,
    ],
  },
} as const satisfies Record<string, Procedure>;
