import { axleOf, CORNER_WORDS, type Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import type { Part, Step, Trouble } from '../run/step';

/** The step by which a prop covers the master's ports. */
export const PROP = 'prop';

/** A step, with what it needs beyond its words. */
export function step(part: Part, id: string, title: string, how: string, more: Partial<Step> = {}): Step {
  return { id, part, title, how, ...more };
}

/** The same at the beginning of one. */
function cornersFirst(corners: readonly Corner[]): string {
  const words = cornersInWords(corners);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Corners in a sentence: "front left and front right". */
export function cornersInWords(corners: readonly Corner[]): string {
  const words = corners.map((corner) => CORNER_WORDS[corner]);
  return words.length < 2 ? (words[0] ?? 'the car') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

export const carUp = (what = 'wheels off'): Step =>
  step(
    'Before',
    'lift',
    `Car up, ${what}`,
    'On the ground first: chocks, a gear in, the parking brake off where it is worked on, nuts cracked loose, each wheel’s place marked, key of the locking nut in hand. Then lift on the rated points, stands under, wheels under the sill. A parking brake set by a motor, brakes by wire or high voltage: put to sleep before the lift.',
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

export const wheelsOn = (corners: readonly Corner[]): Step =>
  step(
    'Back together',
    'wheels',
    'Wheels on',
    `${cornersFirst(corners)}. Faces clean to bright metal, nuts by hand, snug in the air. Then stands out, car down, tools counted, and to the figure on the ground, crosswise. Bolts: guide pins, and their length against what was changed. One central nut: its own figure, its thread’s side, its lock. Worn studs and stretched nuts go in the bin. Plastic centre caps off for the track.`,
    { torque: 'wheel', cautions: ['wheel_torque'], tool: 'Torque wrench' },
  );

export const firmPedal: Step = step(
  'Proof',
  'firm',
  'Pump the pedal until it is hard',
  'Before the car moves at all: pistons that were pushed back have to come out to the pads first. Watch the level: they take fluid, and it is topped up before it reaches the port.',
  {
    cautions: ['firm_pedal'],
    ask: [
      { value: 'hard', label: 'Hard after a few presses', finds: [{ id: 'pedal_now', state: 'firm' }] },
      {
        value: 'soft',
        label: 'It stays soft',
        trouble: 'soft',
        finds: [{ id: 'pedal_now', state: 'soft' }],
      },
      {
        value: 'floor',
        label: 'It goes to the floor',
        trouble: 'floor',
        finds: [
          { id: 'pedal_now', state: 'long' },
          { id: 'pedal_to_floor', state: 'yes' },
        ],
      },
    ],
    troubles: [
      {
        id: 'soft',
        label: 'It stays soft',
        must: true,
        lines: [
          'The car stays where it is.',
          'Level first. Then the corner that was open: bleed it again, inner and outer.',
          'Still soft: back to the verdict, which takes it from here.',
        ],
      },
      {
        id: 'floor',
        label: 'It goes to the floor',
        must: true,
        lines: [
          'The car stays where it is, held until this is proved right.',
          'Level, every bleeder, every joint that was open. Then bleed, and look behind the master.',
        ],
      },
    ],
  },
);

export const holdPedal: Step = step(
  'Proof',
  'hold',
  'Hold it firmly for 30 s, then look for wet spots',
  'Engine off, then idling where it helps the pedal. It must not sink. Every joint that was touched stays dry.',
  {
    timerS: 30,
    ask: [
      {
        value: 'held',
        label: 'Held, all dry',
        finds: [
          { id: 'pedal_hold', state: 'holds' },
          { id: 'leak', state: 'none' },
        ],
      },
      {
        value: 'sank',
        label: 'It sank',
        trouble: 'sank',
        finds: [{ id: 'pedal_hold', state: 'sinks' }],
      },
      {
        value: 'wet',
        label: 'Wet: pipe, joint or hose',
        trouble: 'wet',
        finds: [{ id: 'leak', state: 'line_or_hose' }],
      },
      {
        value: 'wet_caliper',
        label: 'Wet: caliper or cylinder',
        trouble: 'wet',
        finds: [{ id: 'leak', state: 'caliper_or_cylinder' }],
      },
      {
        value: 'wet_master',
        label: 'Wet: behind the master',
        trouble: 'wet',
        finds: [{ id: 'leak', state: 'master_to_booster' }],
      },
    ],
    troubles: [
      {
        id: 'sank',
        label: 'It sank',
        must: true,
        lines: [
          'The car stays where it is.',
          'No wet spot: air left in, or the master leaks past its seals.',
          'Write it down under Proof: the verdict takes it up from there.',
        ],
      },
      {
        id: 'wet',
        label: 'A wet spot',
        must: true,
        lines: [
          'Let the pedal up, wipe it dry, find the joint.',
          'Do it up to the maker’s figure; a joint that still weeps is renewed, not pulled tighter.',
        ],
      },
    ],
  },
);

export const slowRoll: Step = step(
  'Proof',
  'roll',
  'Roll slowly and listen',
  'Walking pace, a light press, straight and empty. No grind, no pull, nothing drags after the release. Rims felt for heat, the parking brake tried.',
  {
    cautions: ['proof_run'],
    drives: true,
    ask: [
      { value: 'right', label: 'Straight, quiet, free, no lamp' },
      { value: 'wrong', label: 'Something is not right', trouble: 'wrong' },
    ],
    troubles: [
      {
        id: 'wrong',
        label: 'It pulls, grinds, drags or lights a lamp',
        lines: [
          'Stop, feel each rim for heat without touching the rotor.',
          'Write it down under Proof: the verdict takes it from there.',
        ],
      },
    ],
  },
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

/** The pedal, then a slow roll. */
export const rolledOut: Step[] = [firmPedal, holdPedal, slowRoll];

/** A caliper off its bracket and tied up, at each corner. */
export const calipersOff = (corners: readonly Corner[]): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `off-${corner.toLowerCase()}`,
      `${corner}: caliper off, tied up`,
      'Sliding: off, or swung up. Opposed: pads out by their pins and spring, and the caliper off only where the rotor comes out. Wear sensor unplugged, handed parts bagged by corner. Look at the whole corner while it is open: pins, boots, pistons, hose, hardware. Half of what matters is found on the way to something else.',
      { corner, cautions: ['caliper_hang', 'dust', 'nobody_presses'] },
    ),
  );

/** Pistons pushed back with an eye on the level. */
export const pistonsBack = (corners: readonly Corner[]): Step =>
  step(
    'Apart',
    'pistons-back',
    'Push the pistons back, watching the level',
    `${cornersFirst(corners)}. Cap off and level looked at first: draw it down, then push, slowly and square. In an opposed caliper a spacer holds the others, or they come out as one goes in. A piston that will not go back is the next job. A parking brake in the caliper is wound, not pushed; one with a motor only in its service position, by its tool.`,
    { tool: 'Piston spreader', cautions: ['fluid'] },
  );

/** Mounting faces to bright metal. */
export const facesBright = (corners: readonly Corner[]): Step =>
  step(
    'Fit',
    'faces',
    'Hub and rotor faces to bright metal',
    `${cornersFirst(corners)}. Rust and dirt here are runout: 0.02 mm under a hub edge is twice that at the pad.`,
    { tool: 'Abrasive disc by hand, straight edge', why: 'Most new-rotor judder is dirt on the hub face.' },
  );

/** Readings that say whether the job did what it is for. */
const GATING: readonly Readable[] = ['bearing', 'rotor', 'hub'];

type Readable = 'pads' | 'rotor' | 'hub' | 'bearing' | 'drum';

/** What a reading after the work that is past its limit asks: it is not passed over like one inside it. */
export const outOfLimit: Trouble = {
  id: 'over',
  label: 'Past its limit',
  read: true,
  lines: [
    'Zero, place and gauge first: the same figure twice, or it does not count.',
    'Faces clean, part seated, nuts at their figure? Then the part goes back or on.',
    'What is left so is said, and stands in the proof.',
  ],
};

/** Readings of what was fitted, a corner at a time; with what is done about one that is past its limit. */
export const measureFitted = (
  measure: Readable,
  corners: readonly Corner[],
  title: string,
  lines = outOfLimit.lines,
): Step[] =>
  corners.map((corner) =>
    step(
      'Fit',
      `read-${measure}-${corner.toLowerCase()}`,
      `${corner}: ${title}`,
      'On the car, as fitted. It is the figure the next wear is counted from.',
      {
        corner,
        measure: {
          measure,
          corner,
          phase: 'after',
          fitted: true,
          ...(GATING.includes(measure) ? { gates: true } : {}),
        },
        troubles: [{ ...outOfLimit, lines }],
      },
    ),
  );

/** Readings of what is found, before anything is changed. */
export const measureFound = (measure: Readable, corners: readonly Corner[], title: string): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `found-${measure}-${corner.toLowerCase()}`,
      `${corner}: ${title}`,
      'The figure before. Without it nobody will know what cured it.',
      { corner, measure: { measure, corner, phase: 'before' } },
    ),
  );

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

/**
 * The master’s ports are open when the pedal is up: without that the brakes lock on as they warm. Common practice, no
 * source.
 */
export const portOpen: Step = step(
  'Proof',
  'port',
  'Press and let go: do the wheels turn free?',
  'By hand, or the car by one finger. A small swirl in the reservoir as the pedal starts says the port was open; some masters show none, then a bleeder weeps by gravity. Stand back from the pot: it spurts.',
  {
    wheelsOff: true,
    cautions: ['glasses', 'fluid'],
    ask: [
      { value: 'free', label: 'Free, the port is open' },
      { value: 'held', label: 'They stay on', trouble: 'held' },
    ],
    troubles: [
      {
        id: 'held',
        label: 'The brakes stay on',
        must: true,
        lines: [
          'The rod holds the port shut: hot fluid will lock the brakes on.',
          'Play at the rod first, then the lamp switch and the return spring. The car stays here.',
        ],
      },
    ],
  },
);

/** What helps the foot, proved with the engine. */
export const assistHelps: Step = step(
  'Proof',
  'start',
  'Engine off, press until it is hard, hold it, start the engine',
  'The pedal must drop under the foot as the help comes.',
  {
    ask: [
      { value: 'drops', label: 'It drops', finds: [{ id: 'assist_start', state: 'drops' }] },
      {
        value: 'no_change',
        label: 'Nothing',
        trouble: 'no-help',
        finds: [{ id: 'assist_start', state: 'no_change' }],
      },
    ],
    troubles: [
      {
        id: 'no-help',
        label: 'No help comes',
        must: true,
        lines: ['The car stays here: nobody stops it by leg alone. Supply first, then the unit.'],
      },
    ],
  },
);

/** A parking brake is proved by holding. */
export const parkingBrakeHolds: Step = step(
  'Proof',
  'parked',
  'Parking brake: clicks, both sides, on a slope',
  'As many clicks as the maker says, both wheels hold alike, and it stands on a slope with the foot off. Chocks at hand.',
  {
    ask: [
      { value: 'holds', label: 'Holds, both sides alike' },
      { value: 'weak', label: 'It rolls, or one side holds', trouble: 'weak' },
    ],
    troubles: [
      {
        id: 'weak',
        label: 'It does not hold',
        must: true,
        lines: [
          'The car stays chocked. Set again at the shoes or levers first; what still does not hold is renewed.',
        ],
      },
    ],
  },
);

/** How the torque of a caliper that goes back is asked: pins on a sliding one, its mount on an opposed one. */
export const caliperTorque =
  ({ front, rear }: CarSpec) =>
  (corner: Corner): Partial<Step> => ({
    torque:
      (axleOf(corner) === 'front' ? front : rear).caliper === 'opposed' ? 'caliper_bracket' : 'slide_pin',
  });

/** A change made at each corner. */
export const atEach = (
  corners: readonly Corner[],
  id: string,
  title: string,
  how: string,
  more: Partial<Step> | ((corner: Corner) => Partial<Step>) = {},
): Step[] =>
  corners.map((corner) =>
    step('Fit', `${id}-${corner.toLowerCase()}`, `${corner}: ${title}`, how, {
      ...(typeof more === 'function' ? more(corner) : more),
      corner,
    }),
  );

/** Calipers back where they were, bolted to the maker's figure. */
export const caliperOn = (corners: readonly Corner[]): Step[] =>
  atEach(corners, 'back', 'caliper on', 'Bolts to the maker.', { torque: 'caliper_bracket' });

/** The car cold and up, calipers off: how most jobs at a corner begin. */
export const apart = (corners: readonly Corner[]): Step[] => [coolFirst, carUp(), ...calipersOff(corners)];
