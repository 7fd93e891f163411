import type { Corner } from '../../car/corner';
import type { Procedure } from '../procedure';
import type { Step } from '../run/step';
import { carUp, coolFirst, levelRight, propPedal, wheelsOn } from './car';
import { facesBright, pistonsBack } from './corner';
import { measureFitted, measureFound } from './figures';
import { rolledOut } from './proofs';
import { atEach, cornersInWords, step } from './step';

/** A bearing's play read before springs are thought of; passed over only with the reason. */
const gatedBearing = (corners: readonly Corner[]): Step[] =>
  measureFound('bearing', corners, 'bearing play').map((each) => ({
    ...each,
    part: 'Before',
    measure: { ...each.measure!, gates: true },
  }));

/** Jobs that make another brake of it. */
export const CONVERSION = {
  knockback_kit: {
    label: 'Springs behind the pistons',
    about: 'Pads held to the rotor after the cause was looked for; springs cost drag',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'compressed_air', 'dust', 'heat', 'wheels', 'first_move', 'legal'],
    minutes: 240,
    needs: [
      { kind: 'other', what: 'Sealing washers', quantity: 2, per: 'corner' },
      { kind: 'springs', what: 'Piston springs', quantity: 1, per: 'piston' },
      { kind: 'seal_kit', what: 'Piston seals', quantity: 1, per: 'piston' },
      { kind: 'boots', what: 'Piston boots', quantity: 1, per: 'piston' },
    ],
    measures: ['bearing', 'flex', 'rotor', 'firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ car, corners, axles }) => [
      coolFirst,
      carUp(),
      // Nobody says of a bearing that it is sound who has not read it.
      ...gatedBearing(corners),
      step(
        'Before',
        'cause',
        'Was the cause looked for?',
        'Bearing play above, hub face, runout, flex: by reading, not by feel. Hub and upright stiffened, float bound by its washers: springs are for what is left. Springs over a loose bearing hide a wheel about to come off.',
        {
          facts: 'gaps',
          ask: [
            { value: 'sound', label: 'All sound' },
            { value: 'found', label: 'Something found', trouble: 'found' },
          ],
          troubles: [
            {
              id: 'found',
              label: 'A cause was found',
              lines: ['Cure that first and drive it: springs may not be needed.'],
            },
          ],
        },
      ),
      propPedal,
      ...atEach(
        corners,
        'out',
        'caliper off, pistons out',
        'Wood block, low pressure. Each piston back to its own bore: sizes differ.',
        {
          cautions: ['compressed_air', 'fluid', 'dust'],
        },
      ),
      step(
        'Fit',
        'count',
        `Count the springs: ${axles.map((axle) => `${axle} ${Math.max(1, car[axle].pistonsMm.length)} a caliper`).join(', ')}`,
        'One behind every piston, by its own bore: stepped bores want their own, and the fitted height is the same on both sides.',
      ),
      ...atEach(
        corners,
        'springs',
        'springs in, pistons back, new seals',
        'Assembly lubricant, no nick in bore or piston, seals renewed if there is doubt.',
      ),
      step(
        'Fit',
        'boots',
        'Boots on, or left off?',
        'On wherever it rains or is salted. A car that never leaves the track may go without: they char, and they work against the springs.',
        {
          ask: [
            { value: 'on', label: 'Boots on' },
            { value: 'off', label: 'Left off: it never leaves the track' },
          ],
          cautions: ['legal'],
        },
      ),
      ...atEach(corners, 'on', 'caliper on, hose with new washers', 'Bleeder at the top.', {
        torque: ['caliper_bracket', 'banjo'],
      }),
      wheelsOn(corners),
      ...rolledOut,
      // With the pads out to the rotor: before the pump it reads nothing.
      ...corners.map((corner) =>
        step(
          'Proof',
          `drag-${corner.toLowerCase()}`,
          `${corner}: turn the rotor by hand`,
          'An even light drag is the springs. One that comes round once a turn is a high spot.',
          {
            corner,
            wheelsOff: true,
            cautions: ['fingers'],
            ask: [
              { value: 'even', label: 'Even and light' },
              { value: 'high', label: 'Once a turn, or hard to turn', trouble: 'high' },
            ],
            troubles: [
              {
                id: 'high',
                label: 'A high spot, or hard to turn',
                lines: [
                  'Once a turn: runout, dialled before it is driven. All round: a spring too strong or a piston that sticks.',
                ],
              },
            ],
          },
        ),
      ),
    ],
    tradeOffs: [
      'Set up by circuit: rough and slow asks for more spring; on a smooth fast one a light one, or a tap on the pedal before the zone.',
      'Free float hardware, springs and boots each trade wear, drag and rattle; cure the cause first.',
    ],
  },
  stiffen: {
    label: 'A stiffer caliper, or a brace on it',
    about: 'A caliper that opens under the press',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'dust', 'heat', 'wheels', 'first_move', 'legal'],
    minutes: 240,
    needs: [{ kind: 'caliper', what: 'Caliper', quantity: 1, per: 'corner' }],
    measures: ['pads', 'firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'watch',
        'dial across the caliper, a hard press',
        'Hands away from it, a word before the press. Watch it open before you buy: a few tenths is much.',
        {
          tool: 'Dial indicator, helper',
          cautions: ['dust', 'fingers'],
          record: [{ id: 'spread', label: 'Opens by', required: true, kind: 'figure', unit: 'mm' }],
          ask: [
            { value: 'opens', label: 'A tenth or more: worth it' },
            { value: 'little', label: 'Hardly opens', trouble: 'little' },
          ],
          troubles: [
            {
              id: 'little',
              label: 'It hardly opens',
              lines: [
                'Under a tenth of a millimetre it is not the caliper: hoses, pads that compress, the firewall, gas.',
                'Nothing is bought for it: back to the verdict with the figure.',
              ],
            },
          ],
        },
      ),
      propPedal,
      ...atEach(
        corners,
        'fit',
        'stiffer caliper or brace on',
        'The halves of a caliper are never undone on the car: its bridge bolts are the maker’s business.',
        { torque: ['caliper_bracket', 'banjo'], cautions: ['fluid', 'legal'] },
      ),
      pistonsBack(corners),
      ...corners.map((corner) =>
        step(
          'Proof',
          `spread-${corner.toLowerCase()}`,
          `${corner}: the same dial, the same press`,
          'Beside the figure before: what it does not open any more is pedal.',
          {
            corner,
            wheelsOff: true,
            tool: 'Dial indicator, helper',
            cautions: ['fingers'],
            record: [{ id: 'spread', label: 'Opens by now', required: true, kind: 'figure', unit: 'mm' }],
          },
        ),
      ),
      wheelsOn(corners),
      levelRight,
      ...rolledOut,
    ],
  },
  package_change: {
    label: 'Bigger brakes, or less of everything',
    about: 'The dearest change of all: do the heat sum first',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'dust', 'wheels', 'first_move', 'legal'],
    minutes: 480,
    needs: [
      { kind: 'caliper', what: 'Caliper', quantity: 1, per: 'corner' },
      { kind: 'rotor', what: 'Rotor', quantity: 1, per: 'corner' },
      { kind: 'pads', what: 'Pads', quantity: 1, per: 'axle' },
      { kind: 'hose', what: 'Hose', quantity: 1, per: 'corner' },
    ],
    measures: ['heat', 'rotor', 'pads'],
    bleed: 'opened',
    bedIn: true,
    steps: ({ corners }) => [
      step(
        'Before',
        'sum',
        'What do the laps ask?',
        'Mass, speeds, peak by paint and strip. Bigger pads spread heat; a heavier rotor holds it; a duct throws it away.',
        {
          measure: { measure: 'heat', phase: 'before' },
        },
      ),
      step(
        'Before',
        'balance',
        'What does it do to the balance and the pedal?',
        'The bench’s balance and pedal pages, with these pistons and this radius. More piston area is more travel; more front torque may need the balance set. The rear must never lock first.',
        {
          cautions: ['legal'],
          ask: [
            { value: 'front', label: 'Summed: front first, the pedal clear of the floor' },
            { value: 'rear', label: 'Rear first, or too much travel', trouble: 'rear-first' },
          ],
          troubles: [
            {
              id: 'rear-first',
              label: 'It would lock its rear, or run out of pedal',
              must: true,
              lines: ['Nothing is opened yet: other pistons, another master, or both axles.'],
            },
          ],
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'clearance',
        'dry fit with the old caliper tied up on its hose: wheel, lock and droop',
        'Lines still closed. Through every spoke, at full lock, hanging and loaded.',
        { cautions: ['caliper_hang', 'dust', 'nobody_presses'] },
      ),
      propPedal,
      ...atEach(
        corners,
        'old-off',
        'old caliper, hose and rotor off',
        'Keep them together with their bolts.',
        { cautions: ['fluid', 'dust', 'glasses'] },
      ),
      facesBright(corners),
      ...atEach(
        corners,
        'wash',
        'new rotor washed, on, held by all its nuts',
        'Cleaner, then hot soapy water, dried. This side’s rotor: vanes and slots as its maker draws them.',
        { cautions: ['fumes'] },
      ),
      ...measureFitted('rotor', corners, 'runout and thickness as fitted'),
      ...atEach(
        corners,
        'fit',
        'bracket, caliper, pads, hose on',
        'Bracket shimmed square to the rotor, bolts locked as the maker says. Hose clear at lock and droop before it is tight.',
        {
          torque: ['caliper_bracket', 'banjo'],
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Finish',
        'due',
        `What was fitted ${cornersInWords(corners)}, with its serials`,
        'Under Parts, so that wear is counted from today.',
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
