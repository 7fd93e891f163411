import type { BedInSchool } from './bedin/schools';
import type { BleedMethod } from './bleed/schema';

/** The shop's ways of working, where practitioners disagree. */
export type Ways = {
  bleedOrder: 'furthest_first' | 'nearest_first' | 'diagonal';
  twoBleeders: 'outer_inner_outer' | 'outer_inner' | 'inner_outer';
  reservoirSchool: 'draw_out' | 'push_through';
  strainerSchool: 'lift_out' | 'leave_in';
  bleedMethod: BleedMethod;
  potSchool: 'fluid' | 'dry';
  bleedPressureKPa: number;
  bottleMl: number;
  catchMl: number;
  bedInSchool: BedInSchool | 'maker';
};

/** Working pressures of a pressure bleed, kPa, with who holds to each and why. Common practice, no source. */
export const PRESSURE_SCHOOLS = [
  { kPa: 69, psi: '10 psi', about: 'Those with old or thin reservoirs: slower, and kind to a doubtful cap' },
  { kPa: 103, psi: '15 psi', about: 'Most shops: flow enough, well under the usual ceiling' },
  {
    kPa: 152,
    psi: '20 to 25 psi',
    about: 'Those with long lines and tight modulators; never past the maker’s limit',
  },
] as const;

/** Each way with who holds it and why, for setup and for the plan it changes. Common practice, no source. */
export const WAYS = {
  bleedOrder: {
    label: 'Order of corners',
    options: {
      furthest_first: [
        'Furthest line first',
        'Most shops: the longest line of old fluid goes while the master is fullest',
      ],
      nearest_first: ['Nearest first', 'Some makers: clears the master before the long lines'],
      diagonal: ['Diagonal', 'Cars with crossed circuits: each circuit is finished before the other'],
    },
  },
  twoBleeders: {
    label: 'Two bleeders on a caliper',
    options: {
      outer_inner_outer: ['Outer, inner, outer again', 'Track shops: the last bubble hides over the bridge'],
      outer_inner: ['Outer, inner', 'Others find twice enough; both always'],
      inner_outer: ['Inner, outer', 'Those who follow the fluid: the inner half is fed first'],
    },
  },
  reservoirSchool: {
    label: 'Reservoir',
    options: {
      draw_out: ['Draw the old fluid out first', 'Keeps it out of the lines; less to push through'],
      push_through: [
        'Push it through',
        'Shops that flush often: the lines take it out in any case, and nothing drips on the wing',
      ],
    },
  },
  strainerSchool: {
    label: 'Strainer',
    options: {
      lift_out: ['Lift it out', 'Room to draw off, and it gets washed'],
      leave_in: ['Leave it in', 'A last filter for what falls in'],
    },
  },
  bleedMethod: {
    label: 'Method',
    options: {
      pressure: ['Pressure', 'One person, steady flow, no worn bore stroked'],
      two_person: ['Two-person', 'No kit; a pedal felt at every stroke'],
      vacuum: ['Vacuum', 'One person; air past the threads looks like air from the line'],
      gravity: ['Gravity', 'Nothing to go wrong but time'],
      reverse: ['Reverse', 'Bubbles rise the way they want to; old dirt comes up with them'],
    },
  },
  potSchool: {
    label: 'Pressure pot',
    options: {
      fluid: ['New fluid in the pot', 'Most shops: it feeds the reservoir all the way round'],
      dry: ['Dry pot, air only', 'Nothing to clean after; the reservoir is filled up on the way'],
    },
  },
} as const;
