import type { Corner } from '../../car/corner';
import type { Procedure } from '../procedure';
import type { Step } from '../run/step';
import {
  apart,
  atEach,
  carUp,
  coolFirst,
  cornersInWords,
  facesBright,
  firmPedal,
  holdPedal,
  levelRight,
  measureFitted,
  measureFound,
  parkingBrakeHolds,
  pistonsBack,
  propPedal,
  rolledOut,
  step,
  wheelsOn,
} from './common';

/** A bearing's play read before springs are thought of; passed over only with the reason. */
const gatedBearing = (corners: readonly Corner[]): Step[] =>
  measureFound('bearing', corners, 'bearing play').map((each) => ({
    ...each,
    part: 'Before',
    measure: { ...each.measure!, gates: true },
  }));

const cableOff: Step[] = [
  step(
    'Apart',
    'cable-off',
    'Lever down, cable slack, off at the wheel',
    'Turns free now: cable. Still drags: shoes or caliper.',
    {
      cautions: ['spring_loaded'],
      ask: [
        { value: 'cable', label: 'Free now: the cable' },
        { value: 'shoes', label: 'Still drags: shoes or caliper' },
      ],
    },
  ),
  step(
    'Fit',
    'cable',
    'Free, grease or renew the cable',
    'A cable that has rusted inside is not greased back to life.',
  ),
];

/** A motor instead of a cable: asleep since before the lift, and off the caliper to tell the two apart. */
const motorOff = (corners: readonly Corner[]): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `motor-${corner.toLowerCase()}`,
      `${corner}: motor off the caliper, plug still asleep`,
      'Turns free now: the motor. Still drags: the piston or the caliper. New seal under it, its screws crosswise.',
      { corner, cautions: ['parked_motor'] },
    ),
  );

/** Jobs on calipers. */
export const CALIPER = {
  slides: {
    label: 'Free the slides',
    about: 'Pins out, clean, the right grease, whole boots',
    scope: 'axle',
    fits: { caliper: 'sliding', brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 60,
    needs: [{ kind: 'slide_kit', what: 'Slide pins with boots', quantity: 1, per: 'corner' }],
    measures: ['pads'],
    steps: ({ corners }) => [
      ...apart(corners),
      ...atEach(
        corners,
        'pins',
        'pins out, cleaned',
        'The one with the bush is not the plain one: kept apart, each back to its hole. A pin that needs a vice is renewed. Bores wiped, no emery inside. Abutments and clips to bare metal, or the pads bind there.',
        {
          tool: 'Pin brush, silicone brake grease',
          cautions: ['dust'],
        },
      ),
      ...atEach(
        corners,
        'grease',
        'greased, boots whole and seated',
        'Grease made for it: mineral grease swells the boots and binds them again.',
      ),
      ...atEach(corners, 'glide', 'caliper glides by one finger', 'Both ways, all along.', {
        ask: [
          { value: 'glides', label: 'Glides' },
          { value: 'binds', label: 'Still binds', trouble: 'binds' },
        ],
        troubles: [
          {
            id: 'binds',
            label: 'It still binds',
            unfit: true,
            lines: ['The bracket’s bore is worn or bent: the bracket, or the caliper, is renewed.'],
          },
        ],
      }),
      ...atEach(corners, 'back', 'caliper on', 'New bolts where the maker asks.', { torque: 'slide_pin' }),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: ['Pads worn to a taper stay so: on a bound caliper they are usually due too.'],
  },
  caliper_rebuild: {
    label: 'Rebuild or renew the caliper',
    about: 'New seals in a sound bore; a pitted one is scrap',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'compressed_air', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 150,
    needs: [
      { kind: 'seal_kit', what: 'Piston seals', quantity: 1, per: 'piston' },
      { kind: 'boots', what: 'Piston boots', quantity: 1, per: 'piston' },
      { kind: 'other', what: 'Sealing washers', quantity: 2, per: 'corner' },
    ],
    measures: ['pads', 'heat'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'proud',
        'caliper off with its hose on, pistons pressed proud',
        'Slowly with the pedal, a wood block between: all of them loose and none dropped out. Hands clear of the block.',
        { tool: 'Helper, wood block', cautions: ['dust', 'glasses'] },
      ),
      propPedal,
      ...atEach(
        corners,
        'off',
        'hose off, caliper to the bench',
        'Banjo cracked loose before the caliper leaves the car, the pipe’s end held by a second spanner. Drip tray under, plug in the hose. Pads that met fluid go.',
        { cautions: ['fluid', 'nobody_presses'], tool: 'Two spanners, plug' },
      ),
      ...atEach(
        corners,
        'pistons',
        'pistons out',
        'By hand; one that stayed behind with low air and the wood block, never with fingers in front of it. Note which piston came from which bore: sizes differ.',
        {
          cautions: ['compressed_air', 'glasses'],
        },
      ),
      ...atEach(
        corners,
        'bores',
        'look at bores and pistons',
        'A nick or a pit under the seal is a leak. Clean with fluid or alcohol, nothing that scratches.',
        {
          ask: [
            { value: 'sound', label: 'Sound' },
            { value: 'pitted', label: 'Pitted', trouble: 'pitted' },
          ],
          troubles: [
            {
              id: 'pitted',
              label: 'Pitted bore or piston',
              lines: ['No seal will hold on it. Renew the caliper, and its partner where the maker asks.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'seals',
        'new seals and boots, pistons back in their own bores',
        'Assembly lubricant made for it, pushed in square by hand; a screw-type piston is wound in. Halves stay together unless the maker sells the seal between them.',
      ),
      ...atEach(
        corners,
        'on',
        'caliper on, hose with new washers',
        'Loose first, then to the maker. Bleeder at the top.',
        { torque: ['caliper_bracket', 'banjo'] },
      ),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
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
    measures: ['bearing', 'flex', 'rotor', 'pedal'],
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
  adjuster: {
    label: 'Wind the adjuster up',
    about: 'An integral parking brake that has not taken up its wear',
    scope: 'axle',
    fits: { parkingBrake: ['in_caliper'], axle: 'rear', brake: 'disc' },
    touches: ['lift', 'first_move', 'wheels'],
    minutes: 30,
    needs: [],
    measures: ['pedal'],
    steps: ({ car, corners }) => [
      // A motor has no lever to pull.
      ...(car.electricParkingBrake
        ? []
        : [
            step(
              'Fit',
              'lever',
              'Pull the lever twenty times, engine off',
              'Cable slack first: a cable that holds the lever off its stop is why it never adjusts. Slowly, all the way. The pedal comes up if that was it.',
            ),
          ]),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'wind',
        'wind the piston by hand if the lever does nothing',
        'Handed: left and right turn opposite ways. Out to a light touch on the pad, then back a notch.',
        { tool: 'Wind-back tool' },
      ),
      ...atEach(corners, 'lever', 'lever back on its stop', 'A lever that does not come home never adjusts.'),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
      parkingBrakeHolds,
    ],
  },
  parking_brake: {
    label: 'Free the parking brake',
    about: 'Cable, lever or shoes that hold a wheel',
    scope: 'axle',
    fits: { parkingBrake: ['in_caliper', 'drum_in_hat', 'lever_only'], axle: 'rear' },
    touches: ['lift', 'heat', 'dust', 'springs', 'wheels', 'first_move'],
    minutes: 45,
    needs: [
      { kind: 'other', what: 'Cable', quantity: 1, per: 'job' },
      { kind: 'shoes', what: 'Parking brake shoes and springs, if they are due', quantity: 1, per: 'axle' },
    ],
    measures: ['heat'],
    steps: ({ car, corners }) => [
      coolFirst,
      carUp(),
      ...(car.electricParkingBrake ? motorOff(corners) : cableOff),
      ...atEach(
        corners,
        'shoes',
        'shoes, or the lever at the caliper, return by themselves',
        'In a hat: rotor off, adjuster back first, springs and levers moved by hand; set to a light drag, then back off. In the caliper: the lever on its stop.',
        { cautions: ['dust', 'spring_loaded', 'nobody_presses'] },
      ),
      ...(car.electricParkingBrake
        ? []
        : [
            step(
              'Fit',
              'set',
              'Set the lever’s travel',
              'At the shoes first, the cable last: as many clicks as the maker says, both wheels alike.',
            ),
          ]),
      ...atEach(corners, 'free', 'turns free, parking brake off', 'By hand, a full turn.'),
      wheelsOn(corners),
      ...rolledOut,
      parkingBrakeHolds,
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
  stiffen: {
    label: 'A stiffer caliper, or a brace on it',
    about: 'A caliper that opens under the press',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'dust', 'heat', 'wheels', 'first_move', 'legal'],
    minutes: 240,
    needs: [{ kind: 'caliper', what: 'Caliper', quantity: 1, per: 'corner' }],
    measures: ['pads', 'pedal'],
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
} as const satisfies Record<string, Procedure>;
