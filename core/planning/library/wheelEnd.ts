import type { Procedure } from '../procedure';
import {
  atEach,
  carUp,
  coolFirst,
  facesBright,
  firmPedal,
  holdPedal,
  rolledOut,
  step,
  wheelsOn,
} from './common';

/** Jobs at the end of the axle that are no brake: studs, sensors. */
export const WHEEL_END = {
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
