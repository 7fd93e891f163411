import { asSentence } from '../../base/sentence';
import type { Corner } from '../../car/corner';
import { LIFT } from '../run/marks';
import type { Step } from '../run/step';
import { cornersInWords, step } from './step';

export const carUp = (): Step =>
  step(
    'Before',
    LIFT,
    'Car up, wheels off',
    'On the ground first: chocks, a gear in, the parking brake off where it is worked on, nuts cracked loose, each wheel’s place marked, key of the locking nut in hand. Then lift on the rated points, stands under, wheels under the sill. A parking brake set by a motor, brakes by wire or high voltage: service mode before the lift.',
    {
      cautions: ['stands', 'glasses'],
      tool: 'Lift or jack, four stands, chocks',
    },
  );

export const coolFirst: Step = step(
  'Before',
  'cool',
  'Let it cool, below 50 °C, before a wheel comes off',
  'Everything here runs hotter than it looks, straight off a track most of all. Temperatures that are wanted are read now.',
  { cautions: ['hot'], tool: 'Infrared thermometer' },
);

/** The step by which a prop covers the master's ports. */
export const PROP = 'prop';

/** The lines may be opened without the reservoir running out. */
export const propPedal: Step = step(
  'Apart',
  PROP,
  'Cap sealed, pedal held slightly down by a prop',
  'Just past the first resistance, no force: the master’s ports are covered then and the reservoir does not drain. Lamp fuse out if it stands for hours. Not on stored-pressure assist or brakes by wire: there the lines are plugged.',
  { cautions: ['pressure'] },
);

/** The ports open again before anything is bled. */
export const propOut: Step = step(
  'Before',
  'prop-out',
  'Prop out, pedal right up',
  'With the ports covered pressure and gravity give nothing, and a bleeder is blamed for it. Lamp fuse back.',
);

export const levelRight: Step = step(
  'Finish',
  'level',
  'Level to the mark, not above',
  'Draw off the excess: hot fluid needs room. Cap clean and on.',
  { finds: [{ id: 'reservoir_level', state: 'ok' }] },
);

/** What was drawn off when the pistons went back. */
export const levelled: Step[] = [
  levelRight,
  step('Finish', 'away', 'What was drawn off goes to the waste', 'Wash every spill.', {
    cautions: ['fluid', 'disposal'],
  }),
];

export const wheelsOn = (corners: readonly Corner[]): Step =>
  step(
    'Back together',
    'wheels',
    'Wheels on',
    `${asSentence(cornersInWords(corners))}. Faces clean to bright metal, nuts by hand, snug in the air. Then stands out, car down, tools counted, and to the figure on the ground, crosswise. Bolts: guide pins, and their length against what was changed. One central nut: its own figure, its thread’s side, its lock. Worn studs and stretched nuts go in the bin. Plastic centre caps off for the track.`,
    {
      torque: 'wheel',
      cautions: ['wheel_torque'],
      tool: 'Torque wrench',
      due: { what: 'Wheel nuts again after the first outing', inDays: 7 },
    },
  );
