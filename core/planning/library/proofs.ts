import type { Step } from '../run/step';
import { step } from './step';

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

/** The pedal, then a slow roll. */
export const rolledOut: Step[] = [firmPedal, holdPedal, slowRoll];

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
