import type { Corner } from '../../car/corner';
import type { Procedure } from '../procedure';
import type { Step } from '../run/step';
import { carUp, coolFirst, wheelsOn } from './car';
import { firmPedal, holdPedal, parkingBrakeHolds, rolledOut } from './proofs';
import { atEach, step } from './step';

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

/** A motor instead of a cable: in service mode since before the lift, and off the caliper to tell the two apart. */
const motorOff = (corners: readonly Corner[]): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `motor-${corner.toLowerCase()}`,
      `${corner}: motor off the caliper, still in service mode`,
      'Turns free now: the motor. Still drags: the piston or the caliper. New seal under it, its screws crosswise.',
      { corner, cautions: ['parked_motor'] },
    ),
  );

/** Jobs on what holds the car when nobody is in it. */
export const PARKING = {
  adjuster: {
    label: 'Wind the adjuster up',
    about: 'An integral parking brake that has not taken up its wear',
    scope: 'axle',
    fits: { parkingBrake: ['in_caliper'], axle: 'rear', brake: 'disc' },
    touches: ['lift', 'first_move', 'wheels'],
    minutes: 30,
    needs: [],
    measures: ['firmness', 'pedal'],
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
  parking_motor: {
    label: 'Parking brake motor',
    about: 'A motor on the caliper that does not clamp, or does not let go',
    scope: 'axle',
    fits: { parkingBrake: ['in_caliper'], axle: 'rear', brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move'],
    minutes: 75,
    needs: [{ kind: 'other', what: 'Parking brake motor with its seal', quantity: 1, per: 'corner' }],
    measures: [],
    steps: ({ corners }) => [
      step(
        'Before',
        'codes',
        'Codes, battery voltage at rest and while it clamps',
        'Most motors that do not clamp are short of volts. A charger stays on.',
        {
          tool: 'Scan tool, voltmeter, charger',
          ask: [
            { value: 'good', label: 'Voltage good, it is the motor or its wire' },
            { value: 'low', label: 'Voltage low', trouble: 'low' },
          ],
          troubles: [
            {
              id: 'low',
              label: 'Voltage low',
              lines: ['Battery and earth first, then try it again: the motor may be sound.'],
            },
          ],
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'plug',
        'plug and wire, then motor off',
        'In service mode and unplugged before a screw is touched. The spindle behind it turns by hand with the right key: a piston that does not is the caliper’s job.',
        {
          cautions: ['parked_motor', 'dust', 'nobody_presses'],
          ask: [
            { value: 'turns', label: 'The spindle turns' },
            { value: 'stuck', label: 'Stuck', trouble: 'stuck' },
          ],
          troubles: [
            {
              id: 'stuck',
              label: 'The spindle is stuck',
              unfit: true,
              lines: ['The caliper is renewed, or rebuilt: add that job.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'motor',
        'new seal, motor on, screws crosswise',
        'Plug dry and greased, wire clear of the wheel.',
        {
          cautions: ['parked_motor'],
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      parkingBrakeHolds,
    ],
  },
  hat_shoes: {
    label: 'Parking brake shoes in the hat',
    about: 'Both sides, set at the shoes first and at the cable last',
    scope: 'axle',
    fits: { parkingBrake: ['drum_in_hat'], axle: 'rear', brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'springs', 'wheels', 'first_move', 'road'],
    minutes: 120,
    needs: [{ kind: 'shoes', what: 'Parking brake shoes with springs', quantity: 1, per: 'axle' }],
    measures: [],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Apart',
        'slack',
        'Lever down, cable slack at its adjuster',
        'Set at the cable first, the shoes never come home.',
      ),
      // One side whole before the other is touched: the other is the pattern.
      ...corners.flatMap((corner) => [
        ...atEach(
          [corner],
          'off',
          'caliper tied up, adjuster back, rotor off',
          'Only this side: the other is the picture to copy. A ridge in the hat holds the shoes: back them off, no hammer.',
          { cautions: ['caliper_hang', 'dust', 'spring_loaded', 'nobody_presses'] },
        ),
        ...atEach(
          [corner],
          'shoes',
          'new shoes, springs, levers greased where metal slides',
          'Lever free both ways. Oil on the old ones: an axle seal is the job behind it.',
          {
            cautions: ['spring_loaded', 'dust'],
            ask: [
              { value: 'dry', label: 'Dry, all free' },
              { value: 'oil', label: 'Oil from the axle', trouble: 'oil' },
            ],
            troubles: [
              {
                id: 'oil',
                label: 'Oil from the axle',
                unfit: true,
                lines: ['The seal first: new shoes would be oiled in a week.'],
              },
            ],
          },
        ),
        ...atEach(
          [corner],
          'set',
          'rotor on, shoes set until they just touch, then back',
          'Turned by hand through the hole. This side is whole before the other is opened.',
          { torque: 'caliper_bracket', cautions: ['fingers'] },
        ),
      ]),
      step(
        'Fit',
        'cable',
        'Cable last: slack out, no more',
        'Both levers on their stops with the hand lever down.',
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Proof',
        'shoes-in',
        'Bed the shoes: a few slow stops on the lever alone',
        'Button held in, from a walking pace, straight, nobody behind; then let it cool.',
        { cautions: ['road', 'no_parking_brake'], drives: true },
      ),
      parkingBrakeHolds,
    ],
  },
} as const satisfies Record<string, Procedure>;
