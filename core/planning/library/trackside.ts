import { BUBBLES } from '../bleed/record';
import type { Procedure } from '../procedure';
import { carUp, coolFirst, levelled, levelRight, wheelsOn } from './car';
import { firmPedal, holdPedal, rolledOut, slowRoll } from './proofs';
import { atEach, step } from './step';

/** Jobs between two outings. */
export const TRACKSIDE = {
  make_safe: {
    label: 'Make it safe, hot or burning',
    about: 'A brake that smokes or glows: nobody hurt, nothing made worse',
    scope: 'car',
    touches: ['heat', 'first_move'],
    minutes: 45,
    needs: [],
    measures: ['heat'],
    steps: () => [
      step(
        'Before',
        'stop',
        'Out of the way, off the brake, no parking brake, chocks',
        'Nobody stands beside the wheel: tyres and gas springs let go. Extinguisher in the hand; the fire crew for flames.',
        { cautions: ['hot', 'no_parking_brake'], tool: 'Powder or foam extinguisher, chocks' },
      ),
      step(
        'Before',
        'no-water',
        'No water on a glowing rotor, and nobody leans over it',
        'It bursts or cracks. Steam from fluid and cleaner burns lungs. Air and time are what cools it.',
        { cautions: ['hot', 'fumes'] },
      ),
      step(
        'Before',
        'peaks',
        'Read the temperatures now, all four, from a distance',
        'In an hour nobody knows which one it was.',
        {
          measure: { measure: 'heat', phase: 'before' },
          tool: 'Infrared thermometer',
        },
      ),
      step(
        'Before',
        'wait',
        'Thirty minutes, then look',
        'The caliper is hottest ten minutes after the rotor: fluid can boil while it stands.',
        {
          timerS: 1800,
          cautions: ['hot'],
        },
      ),
      step(
        'Apart',
        'melted',
        'What went first: boots, seals, hose, wire, bearing grease, tyre',
        'Through the wheel, cold enough for a hand. Anything soft, wet or brittle keeps the car here.',
        {
          cautions: ['dust', 'glasses'],
          ask: [
            { value: 'sound', label: 'All sound' },
            { value: 'hurt', label: 'Something melted or wet', trouble: 'hurt' },
          ],
          troubles: [
            {
              id: 'hurt',
              label: 'Something melted or wet',
              unfit: true,
              lines: [
                'The car goes on a trailer. Seals, hose and bearing of that corner are renewed, its fluid with them.',
                'Under Checks: what was seen, where. It says which cause it was.',
              ],
            },
          ],
        },
      ),
      firmPedal,
      holdPedal,
    ],
  },
  trackside_bleed: {
    label: 'Bleed between two outings',
    about: 'The hot inch out of each caliper, in a quarter of an hour',
    scope: 'car',
    touches: ['lift', 'heat', 'fluid', 'wheels', 'first_move'],
    minutes: 20,
    needs: [{ kind: 'other', what: 'A sealed bottle of the class on the cap', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    steps: ({ corners }) => [
      step(
        'Before',
        'cool',
        'Calipers under 80 °C',
        'Read at the bridge. Hotter, what comes out boils on the way and burns.',
        {
          cautions: ['hot'],
          tool: 'Infrared thermometer',
          ask: [
            { value: 'under', label: 'All under it' },
            { value: 'over', label: 'One is over', trouble: 'too-hot' },
          ],
          troubles: [
            {
              id: 'too-hot',
              label: 'Still too hot',
              must: true,
              lines: ['Wait, or a slow lap. A bleed on boiling fluid pulls the air back in.'],
            },
          ],
        },
      ),
      carUp(),
      step(
        'Before',
        'full',
        'Reservoir full, clean round the cap',
        'Two people, no pot: there is no time to look for its leak.',
        {
          cautions: ['fluid', 'glasses'],
        },
      ),
      ...atEach(
        corners,
        'hot',
        'outer bleeder, 20 to 30 ml',
        'Press and hold, open, close, release. Never released with it open. The inner one too where there are two and bubbles come.',
        {
          cautions: ['bleeder_snap', 'glasses', 'fluid'],
          torque: 'bleeder',
          record: [
            { id: 'ml', label: 'Out in all', kind: 'amount', unit: 'ml', start: 25, step: 5, most: 300 },
            BUBBLES,
          ],
        },
      ),
      levelRight,
      step('Finish', 'waste', 'What came out, into the can', 'Water over every spill.', {
        cautions: ['disposal'],
      }),
      firmPedal,
      holdPedal,
      wheelsOn(corners),
      slowRoll,
    ],
    tradeOffs: [
      'It buys the day, not the fluid: many bubbles at every stop say that the whole of it is past it.',
    ],
  },
  quick_pads: {
    label: 'Pads quickly, opposed calipers',
    about: 'Out by their pins, a bedded set in, back out in a quarter of an hour',
    scope: 'axle',
    fits: { brake: 'disc', caliper: 'opposed' },
    touches: ['lift', 'heat', 'dust', 'fluid', 'wheels', 'first_move'],
    minutes: 20,
    needs: [{ kind: 'pads', what: 'A bedded set, marked by corner', quantity: 1, per: 'axle' }],
    measures: ['pads'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Before',
        'down',
        'Level looked at, drawn down',
        'Pistons go back by a whole pad: it runs over otherwise.',
        { cautions: ['fluid'] },
      ),
      ...atEach(
        corners,
        'swap',
        'pins and spring out, pistons back against a spacer, its own bedded pads in',
        'Welding gloves: pads stay hot long after rotors. One pad at a time keeps the other pistons home. Old ones measured and marked with corner and session.',
        {
          cautions: ['hot', 'dust', 'nobody_presses'],
          tool: 'Pin punch, piston spreader, gloves',
          record: [{ id: 'left', label: 'Thinnest that came out', kind: 'figure', unit: 'mm' }],
          ask: [
            { value: 'sound', label: 'In, rotor sound' },
            { value: 'rotor', label: 'Rotor cracked or blue', trouble: 'rotor' },
          ],
          troubles: [
            {
              id: 'rotor',
              label: 'The rotor is cracked or blue',
              unfit: true,
              lines: ['It does not go out again on it: the rotors of this axle are renewed.'],
            },
          ],
        },
      ),
      ...atEach(corners, 'pins', 'new pin clips, spring seated', 'A pin without its clip walks out.'),
      ...levelled,
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
} as const satisfies Record<string, Procedure>;
