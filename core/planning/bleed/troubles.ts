import type { Trouble } from '../run/step';
import type { BleedPlan } from './plan';

/** Nothing runs out of an open bleeder: what is above it first, then the bleeder itself. */
export function noFlow(pressure: boolean): Trouble {
  return {
    id: 'no-flow',
    label: 'Nothing comes',
    lines: [
      'First above: prop out and pedal right up, no rod over the port, no load valve that shuts with the axle hanging (held open by hand), two masters on a bar with the other circuit shut (open one front and one rear together), another bleeder on the same line.',
      'All of the line’s bleeders dead: its hose has closed inside.',
      ...(pressure ? ['Release the pressure slowly, all of it.'] : ['Let the pedal up, everything closed.']),
      'Cover the bleeder, take the screw out, a finger over the hole.',
      'Clean its two holes with a drill shank by hand, never in the seat. Dry the thread.',
      'Refit it, close it, and bleed this corner again.',
    ],
  };
}

/** What a bleeder gets beyond its share before it is looked at again, ml. */
const MORE_ML = 50;

/** It does not pass: it gets more. */
export const NOT_CLEAR: Trouble = {
  id: 'not-clear',
  label: 'Its share is out, still dark',
  moreMl: MORE_ML,
  lines: [
    `Another ${MORE_ML} ml, then look again; it is counted in.`,
    'Dark after twice its share: this line, hose or caliper sheds it. Write the dirt down: it is asked about at the end.',
  ],
};

/** Where endless bubbles come from. */
export const STILL_BUBBLES: Trouble = {
  id: 'still-bubbles',
  label: 'Bubbles do not end',
  moreMl: MORE_ML,
  lines: [
    `Close it, half a minute, open again: another ${MORE_ML} ml; it is counted in.`,
    'A fine even stream of them: air past the screw’s thread or the hose’s end. Grease and a tight hose, then look again.',
    'From above: level, cap, the master’s seals. A system nobody opened has to let air in somewhere.',
  ],
};

/** A screw that rust holds. */
export const WILL_NOT_TURN: Trouble = {
  id: 'will-not-turn',
  label: 'The screw will not turn',
  lines: [
    'A ring spanner on all six flats; a hair tighter, then back. Penetrating oil, a few light taps, ten minutes.',
    'No flame on a caliper, no long bar. Flats gone round: a locking socket once, with a new screw in the hand.',
    'Another corner meanwhile; this one comes last. It stays shut: soaked overnight, or the caliper is renewed.',
  ],
};

/** What is left of it may let go: the car stays. */
export const SNAPPED: Trouble = {
  id: 'snapped',
  label: 'It has snapped',
  must: true,
  lines: [
    'The car stays here: what is left may hold today and let go at the next hard stop.',
    'Caliper off, drilled on the bench by who can, or renewed, with its mate across the axle where the maker asks.',
  ],
};

/** Air is behind the master: from the first corner anew. */
export function ranDry(plan: BleedPlan): Trouble {
  return {
    id: 'ran-dry',
    label: 'The reservoir ran dry',
    lines: [
      'Air is in the master and behind it. Fill up and start over at the first corner.',
      ...(plan.cycleModulator
        ? []
        : [
            'With a modulator in the car: it may have swallowed air. Soft after this bleed: cycle it with a scan tool.',
          ]),
    ],
    again: 'bleed-1',
    must: true,
  };
}
