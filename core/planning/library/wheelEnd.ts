import { CORNERS } from '../../car/corner';
import type { Procedure } from '../procedure';
import { carUp, coolFirst, wheelsOn } from './car';
import { caliperOn, calipersOff, facesBright } from './corner';
import { measureFitted, measureFound, outOfLimit } from './figures';
import { firmPedal, holdPedal, rolledOut } from './proofs';
import { atEach, step } from './step';

/** Jobs at the end of the axle: bearing, upright, joints, wheel, studs, sensor. */
export const WHEEL_END = {
  bearing: {
    label: 'Adjust or renew the wheel bearing',
    about: 'Play at the hub is runout at the pad, and it stops the car',
    scope: 'corner',
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 120,
    needs: [{ kind: 'bearing', what: 'Wheel bearing or hub unit', quantity: 1, per: 'corner' }],
    measures: ['bearing', 'rotor'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...measureFound('bearing', corners, 'play as it stands'),
      ...calipersOff(corners),
      ...atEach(
        corners,
        'renew',
        'set or renewed, by its kind',
        'Rotor off; the drive nut was cracked loose on the ground. Adjustable: turned while it is seated, backed off, set to the maker’s play or preload, a new pin; the torque of a unit’s nut seizes it. A unit: pressed by the race that is being fitted, never through the balls; speed ring to its own side, new circlip, nut and seal, and no weight on it before its nut is at its figure.',
        {
          torque: ['hub_preload', 'hub_nut'],
          tool: 'Press, sleeves, dial',
          record: [
            {
              id: 'kind',
              label: 'It is',
              required: true,
              kind: 'choice',
              options: [
                { value: 'adjustable', label: 'Adjustable: set' },
                { value: 'unit', label: 'A unit: renewed' },
              ],
            },
          ],
        },
      ),
      facesBright(corners),
      ...atEach(
        corners,
        'again',
        'play again, at the same place',
        'Below the limit and turning without a rumble.',
        (corner) => ({
          tool: 'Dial indicator',
          troubles: [
            {
              ...outOfLimit,
              lines: [
                'Seat, nut or upright: a bore that has been hammered holds no bearing. The car stays here.',
              ],
            },
          ],
          // It is what ends the hold: a figure, or a reason why there is none.
          measure: { measure: 'bearing', corner, phase: 'after', gates: true },
        }),
      ),
      ...measureFitted('rotor', corners, 'runout as fitted'),
      ...caliperOn(corners),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  upright: {
    label: 'A stiffer upright',
    about: 'A hub that bends in the corner and knocks the pads back',
    scope: 'axle',
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move', 'legal'],
    minutes: 300,
    needs: [{ kind: 'other', what: 'Upright or its reinforcement', quantity: 1, per: 'corner' }],
    measures: ['flex', 'bearing'],
    steps: ({ corners }) => [
      step(
        'Before',
        'bearing-first',
        'Is it the upright, and not the bearing in it?',
        'Play and a loose nut look like flex. A stiffer upright is the cure; springs behind the pistons are for what is left.',
        { cautions: ['legal'] },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'flex',
        'flex under a bar, on the dial',
        'Rotor against caliper, leaning on the wheel.',
        (corner) => ({ tool: 'Dial indicator, bar', measure: { measure: 'flex', corner, phase: 'before' } }),
      ),
      ...calipersOff(corners),
      ...atEach(
        corners,
        'old-out',
        'old upright out',
        'Sensor and hose unclipped, a spring it carries held first, then the joints. Bearing and hub are their own job.',
        { cautions: ['spring_load'] },
      ),
      ...atEach(
        corners,
        'hub-in',
        'hub into the stiffer one',
        'Its nut by its own figure, and no weight on it before. The speed ring to its side.',
        { torque: 'hub_nut' },
      ),
      ...atEach(
        corners,
        'renew',
        'stiffer upright in',
        'Joints by hand first, each by its own figure; sensor seated, hose and wire clear at lock and droop.',
        { torque: 'suspension_joint', cautions: ['spring_load'] },
      ),
      ...atEach(
        corners,
        'flex-after',
        'flex again, the same bar, the same dial',
        'Beside the figure before.',
        (corner) => ({
          tool: 'Dial indicator, bar',
          measure: { measure: 'flex', corner, phase: 'after' },
          troubles: [outOfLimit],
        }),
      ),
      ...caliperOn(corners),
      wheelsOn(corners),
      step('Finish', 'track', 'Alignment checked', 'All of it: everything moved.'),
      ...rolledOut,
    ],
  },
  suspension: {
    label: 'New bush or joint',
    about: 'Play that steers the car under the brakes, or shakes with them',
    scope: 'corner',
    touches: ['lift', 'wheels', 'first_move'],
    minutes: 90,
    needs: [{ kind: 'bush', what: 'Bush or joint', quantity: 1, per: 'corner' }],
    measures: [],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'bar',
        'find the play with a bar',
        'Wheel loaded and hanging: some only show loaded.',
      ),
      ...atEach(
        corners,
        'renew',
        'old out, new in, loose where it is rubber',
        'Hose and sensor wire unclipped first, nothing strained. A coil or air spring is held or let down before a joint that carries it is undone.',
        { cautions: ['spring_load', 'glasses'], tool: 'Spring compressor, puller' },
      ),
      wheelsOn(corners),
      ...atEach(
        corners,
        'ground',
        'done up, at ride height',
        'On its wheels, bounced once: rubber that is done up hanging twists and tears.',
        {
          torque: 'suspension_joint',
        },
      ).map((each) => ({ ...each, part: 'Finish' as const })),
      step('Finish', 'track', 'Alignment checked', 'Any joint that moved moves the toe.'),
      ...rolledOut,
    ],
  },
  wheel_mount: {
    label: 'Wheel and mounting',
    about: 'Face, studs, balance, torque; front to back says whether it is the wheel',
    scope: 'axle',
    touches: ['lift', 'wheels', 'first_move'],
    minutes: 30,
    needs: [],
    measures: ['judder'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      facesBright(corners),
      ...atEach(
        corners,
        'look',
        'wheel: bent, cracked, mud inside, weights gone',
        'Spin it on the hub and watch the rim.',
        { cautions: ['fingers'] },
      ),
      ...atEach(
        corners,
        'studs',
        'studs and nuts',
        'Stretched or worn: new. They have a life: by the shop’s own limit, not by looks.',
      ),
      step(
        'Fit',
        'swap',
        'Swap the wheels front to back',
        'Not where sizes or sides differ, or with one central nut a side. The shake moves with them, or it does not, at the speed it comes: that decides it.',
        {
          ask: [
            { value: 'swapped', label: 'Swapped' },
            { value: 'not', label: 'They do not go there: another set, or balanced' },
          ],
        },
      ),
      wheelsOn(CORNERS),
      ...rolledOut,
    ],
  },
  wheel_studs: {
    label: 'New wheel studs and nuts',
    about: 'Stretched, worn or pulled: an axle at a time, so that their age is known',
    scope: 'axle',
    touches: ['lift', 'heat', 'wheels', 'first_move'],
    minutes: 90,
    needs: [{ kind: 'other', what: 'Studs and nuts of the same seat', quantity: 1, per: 'axle' }],
    measures: [],
    steps: ({ corners }) => [
      step(
        'Before',
        'match',
        'New beside old: length, grip, thread, seat',
        'Cone to cone, ball to ball. As many turns of thread in the nut as the stud is thick, through the thickest wheel the car wears.',
        {
          ask: [
            { value: 'match', label: 'They match' },
            { value: 'differ', label: 'They do not', trouble: 'differ' },
          ],
          troubles: [
            {
              id: 'differ',
              label: 'Length or seat differs',
              must: true,
              lines: ['Nothing comes apart for parts that do not fit: the right ones first.'],
            },
          ],
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'out',
        'caliper tied up, rotor off, old studs pressed out',
        'Pressed, or drawn with the hub held: a hammer goes through the bearing.',
        { cautions: ['caliper_hang', 'nobody_presses', 'glasses'], tool: 'Press or stud puller' },
      ),
      ...atEach(
        corners,
        'in',
        'new studs drawn in, home all round',
        'By a nut on washers, greased on the washer only, until the head sits flat. Screwed ones: thread glue and depth as the maker says.',
        {
          ask: [
            { value: 'home', label: 'All home, all alike' },
            { value: 'turns', label: 'One turns or stands proud', trouble: 'turns' },
          ],
          troubles: [
            {
              id: 'turns',
              label: 'A stud turns or stands proud',
              unfit: true,
              lines: ['The hub’s hole is worn: the hub is renewed. A wheel is not hung on four of five.'],
            },
          ],
        },
      ),
      facesBright(corners),
      ...atEach(corners, 'back', 'rotor and caliper on', 'Pads as they were.', { torque: 'caliper_bracket' }),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Finish',
        'again',
        'To the figure again after 50 km, or after the first session',
        'New studs settle. Written down as due, with the date they were fitted: their life is counted from it.',
        { torque: 'wheel' },
      ),
    ],
    tradeOffs: [
      'Longer studs for a quick change need open nuts; under closed ones they bottom and hold nothing.',
    ],
  },
  speed_sensor: {
    label: 'Wheel-speed sensor and ring',
    about: 'A sensor that misses teeth works the anti-lock where nothing slips',
    scope: 'corner',
    fits: { abs: true },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move', 'road'],
    minutes: 60,
    needs: [{ kind: 'other', what: 'Sensor or ring, as found', quantity: 1, per: 'corner' }],
    measures: [],
    steps: ({ corners }) => [
      step(
        'Before',
        'code',
        'Read the code before anything is unplugged',
        'Which wheel, and whether it is there now or was once.',
        {
          tool: 'Scan tool',
          ask: [
            { value: 'read', label: 'Read, written down' },
            { value: 'none', label: 'No code, no lamp' },
          ],
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'wire',
        'wire and plug, lock to lock and hanging',
        'Rubbed through, pulled tight, green inside. The wire moves with every bump the trace loses.',
        { cautions: ['dust'] },
      ),
      ...atEach(
        corners,
        'ring',
        'ring: every tooth, no rust, no crack, or the magnet seal clean',
        'One tooth missing is one press at every turn. Swarf is washed off, never blown.',
        {
          cautions: ['dust', 'fingers'],
          ask: [
            { value: 'whole', label: 'Whole and clean' },
            { value: 'broken', label: 'Cracked, rusted or short of a tooth', trouble: 'ring' },
          ],
          troubles: [
            {
              id: 'ring',
              label: 'The ring is done',
              unfit: true,
              lines: [
                'Renewed with what carries it: shaft, hub or bearing. Its bearing is read while it is out.',
              ],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'sensor',
        'sensor seat clean, sensor home, gap where there is one',
        'Drawn out straight, never levered. The gap is the maker’s; one without a gap sits on its shoulder.',
        { record: [{ id: 'gap', label: 'Gap', kind: 'figure', unit: 'mm' }], tool: 'Brass feeler' },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
      step(
        'Proof',
        'trace',
        'Clear the code, drive straight from a standstill to 40 km/h and back to nothing',
        'All four traces beside each other: none drops out, none lags at a walk.',
        {
          cautions: ['road', 'firm_pedal'],
          drives: true,
          ask: [
            { value: 'alike', label: 'All four alike, no code' },
            { value: 'drops', label: 'One drops out', trouble: 'drops' },
          ],
          troubles: [
            {
              id: 'drops',
              label: 'A trace still drops out',
              lines: [
                'Swap the sensor across the axle: the fault moves with it, or it is ring, bearing or wire.',
              ],
            },
          ],
        },
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
