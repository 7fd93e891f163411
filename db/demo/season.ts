import type { CarSpec } from '../../core/car/spec';
import { startingSet } from '../../core/car/startingSets';
import type { Shop } from '../../core/shop/shop';

/** An invented workshop beside an invented circuit. Nobody and nothing in it exists. */
export const DEMO_SHOP: Shop = {
  name: 'Hobb Lane Workshop',
  circuit: 'Saltmarsh Ring',
  altitudeM: 340,
  timeZone: 'UTC',
  fluidSchool: 'each_season',
  bleedOrder: 'furthest_first',
  twoBleeders: 'outer_inner_outer',
  reservoirSchool: 'draw_out',
  bleedMethod: 'pressure',
  bleedPressureKPa: 103,
  bottleMl: 500,
};

export type DemoCar = 'coupe' | 'twoSeater' | 'hatch';

const coupe = startingSet('heavy_coupe');
const twoSeater = startingSet('light_track');
const hatch = startingSet('hatch');

export const DEMO_CARS: Record<DemoCar, CarSpec> = {
  coupe: {
    ...coupe,
    name: 'Car 14, blue coupe',
    note: 'Track days and two club races a year',
    driveSide: 'left',
    fluidDryC: 265,
    fluidWetC: 185,
    front: { ...coupe.front, lineLeftM: 0.9, lineRightM: 1.7 },
    rear: { ...coupe.rear, lineLeftM: 4.1, lineRightM: 4.7 },
  },
  twoSeater: {
    ...twoSeater,
    name: 'Number 7, open two-seater',
    note: 'Sprint car, lives on a trailer',
    driveSide: 'right',
    front: { ...twoSeater.front, lineLeftM: 1.5, lineRightM: 0.8 },
    rear: { ...twoSeater.rear, lineLeftM: 3.4, lineRightM: 3 },
  },
  hatch: {
    ...hatch,
    name: 'Shop hatch, grey',
    note: 'Runs parts all week, does the novice day',
    driveSide: 'left',
  },
};

type DemoAnswer = [finding: string, state: string, place?: string];

export type DemoJob = {
  car: DemoCar;
  /** Days before today, and the hour it was opened. */
  daysAgo: number;
  hour: number;
  /** Hours from now until the car is wanted, for an open job. */
  neededInHours?: number;
  complaint: string;
  whenWhere?: string;
  history?: string;
  wheelsOff?: boolean;
  helper?: boolean;
  answers: DemoAnswer[];
  readings?: [kind: string, input: Record<string, unknown>, corner?: string][];
  decided?: string;
  work?: {
    kind: 'flush' | 'other';
    cause: string;
    title: string;
    before: string;
    ticked: number | 'all';
    notes?: Record<string, string>;
  };
  proofs?: [hold: string, how: string][];
  after?: DemoAnswer[];
  afterReadings?: [kind: string, input: Record<string, unknown>][];
  close?: {
    hours: number;
    outcome: string;
    confirmed: string[];
    summary: string;
    by: string;
    next?: [what: string, inDays: number][];
  };
};

const FIRM: DemoAnswer[] = [
  ['pedal_now', 'firm'],
  ['pedal_hold', 'holds'],
  ['reservoir_level', 'ok'],
  ['leak', 'none'],
];

/** Ten jobs: the season behind, and the day at hand with one job at every stage. */
export const DEMO_JOBS: DemoJob[] = [
  {
    car: 'hatch',
    daysAgo: 236,
    hour: 8,
    complaint: 'Low pedal, second press is fine',
    whenWhere: 'Every morning, and in town',
    history: 'Stood in the yard over the winter.',
    answers: [
      ['pedal_long', 'yes'],
      ['temperature_link', 'any_time'],
      ['stood_long', 'yes'],
      ['system_opened', 'no'],
      ['pedal_pump', 'rises'],
      ['pedal_hold', 'holds'],
      ['reservoir_level', 'ok'],
      ['leak', 'none'],
      ['drum_adjustment', 'slack', 'RL'],
      ['drum_adjustment', 'slack', 'RR'],
      ['bubbles', 'none', 'RL'],
    ],
    decided: 'drum_slack',
    work: {
      kind: 'other',
      cause: 'drum_slack',
      title: 'Free the adjusters, set the shoes',
      before: '62 mm of pedal on the first press',
      ticked: 'all',
      notes: { after: '38 mm on the first press' },
    },
    after: [
      ...FIRM,
      ['drum_adjustment', 'ok', 'RL'],
      ['drum_adjustment', 'ok', 'RR'],
      ['pedal_pump', 'same'],
    ],
    close: {
      hours: 3,
      outcome: 'cured',
      confirmed: ['drum_slack'],
      summary: 'Both adjusters rusted solid. Cleaned, greased, shoes set to a light drag and backed off.',
      by: 'Mira',
      next: [['Look at the rear shoes again', 240]],
    },
  },
  {
    car: 'coupe',
    daysAgo: 205,
    hour: 15,
    complaint: 'Pedal went to the floor at the end of the back straight',
    whenWhere: 'Fifth lap, saved it with two pumps; firm again in the paddock an hour later',
    history: 'Fluid last done two winters ago. Nothing opened since.',
    answers: [
      ['pedal_to_floor', 'yes'],
      ['pedal_spongy', 'yes'],
      ['temperature_link', 'only_hot'],
      ['recovery', 'after_cooling'],
      ['fluid_age', 'old'],
      ['usage', 'track'],
      ['system_opened', 'no'],
      ['pedal_now', 'firm'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
      ['fluid_look', 'dark'],
      ['reservoir_cap', 'sound'],
    ],
    readings: [
      [
        'fluid',
        { class: 'DOT5.1', dryC: 265, wetC: 185, moisturePct: 3.4, altitudeM: 340, caliperPeakC: 176 },
      ],
    ],
    decided: 'fluid_boiled_wet',
    work: {
      kind: 'flush',
      cause: 'fluid_boiled_wet',
      title: 'Flush with new fluid',
      before: '3.4 % water, boils at 188 °C',
      ticked: 'all',
      notes: { 'bleed-1': '260 ml, dark, clear at 220', 'bleed-2': '140 ml' },
    },
    proofs: [
      [
        'pedal_to_floor',
        'Cause found (3.4 % water), fluid replaced, pedal firm at rest and held 30 s, engine running',
      ],
      ['fluid_wet', 'New fluid in at all four, re-tested: 0.1 %'],
    ],
    after: FIRM,
    afterReadings: [
      [
        'fluid',
        { class: 'DOT5.1', dryC: 265, wetC: 185, moisturePct: 0.1, altitudeM: 340, caliperPeakC: 176 },
      ],
    ],
    close: {
      hours: 20,
      outcome: 'cured',
      confirmed: ['fluid_boiled_wet'],
      summary:
        'Fluid two winters old and wet. Flushed through six bleeders. Ten laps the next morning, pedal whole.',
      by: 'Tobias',
      next: [['Moisture before the winter meeting', 211]],
    },
  },
  {
    car: 'coupe',
    daysAgo: 141,
    hour: 11,
    complaint: 'Shakes under braking, owner says the rotors are warped',
    whenWhere: 'From 140 down, worse as it slows; smooth when coasting',
    history: 'New pads two weeks ago, driven straight onto the track.',
    wheelsOff: true,
    answers: [
      ['vibration_braking', 'yes'],
      ['pedal_pulses', 'yes'],
      ['vibration_coasting', 'no'],
      ['friction_new', 'yes'],
      ['bed_in_done', 'no'],
      ['held_hot', 'yes'],
      ['rotor_surface', 'deposits', 'FR'],
      ['rotor_surface', 'smooth', 'FL'],
      ['rotor_runout', 'ok', 'FR'],
      ['rotor_dtv', 'ok', 'FR'],
      ['rotor_shape', 'flat', 'FR'],
      ['judder_order', 'first'],
    ],
    decided: 'uneven_transfer',
    work: {
      kind: 'other',
      cause: 'uneven_transfer',
      title: 'Scrub the print off and bed in',
      before: 'Pad print at 4 o’clock, front right; runout 0.030, variation 0.006 mm',
      ticked: 'all',
      notes: { after: 'Even grey film' },
    },
    after: [...FIRM, ['rotor_surface', 'smooth', 'FR'], ['judder_order', 'none']],
    close: {
      hours: 26,
      outcome: 'cured',
      confirmed: ['uneven_transfer'],
      summary:
        'Rotors were never warped: a pad print from the paddock. Scrubbed, bedded with ten slowdowns, no halt.',
      by: 'Mira',
    },
  },
  {
    car: 'twoSeater',
    daysAgo: 96,
    hour: 17,
    complaint: 'Spongy since the front calipers were rebuilt',
    whenWhere: 'On the trailer ramp, cold',
    history: 'Both front calipers apart for seals at the weekend, bled once.',
    wheelsOff: true,
    answers: [
      ['pedal_spongy', 'yes'],
      ['temperature_link', 'any_time'],
      ['system_opened', 'yes'],
      ['caliper_fitted', 'yes'],
      ['fluid_age', 'fresh'],
      ['pedal_pump', 'rises'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
      ['bubbles', 'many', 'FL'],
      ['bleeder_position', 'top', 'FL'],
      ['bleeder_position', 'top', 'FR'],
    ],
    readings: [['fluid', { class: 'DOT4', moisturePct: 0.3, altitudeM: 340 }]],
    decided: 'air_in_lines',
    work: {
      kind: 'flush',
      cause: 'air_in_lines',
      title: 'Bleed again, both bleeders',
      before: '71 mm of pedal, springy',
      ticked: 'all',
      notes: { 'bleed-5': 'Air for the first 40 ml, then clear' },
    },
    after: [...FIRM, ['pedal_pump', 'same']],
    close: {
      hours: 4,
      outcome: 'cured',
      confirmed: ['air_in_lines'],
      summary: 'Air behind the inner bleeder, front left: only the outer one had been opened.',
      by: 'Tobias',
      next: [['Braided hoses: look at the front pair', 110]],
    },
  },
  {
    car: 'hatch',
    daysAgo: 52,
    hour: 9,
    complaint: 'Left front stays on after a stop',
    whenWhere: 'In town, worse when warm; smells',
    history: 'Hoses are the ones it was born with.',
    wheelsOff: true,
    answers: [
      ['wheel_drags', 'one', 'FL'],
      ['pulls', 'yes'],
      ['smell_or_smoke', 'yes', 'FL'],
      ['hose_kind', 'rubber_old'],
      ['piston_return', 'free', 'FL'],
      ['slide_pins', 'free', 'FL'],
      ['open_bleeder_frees', 'yes', 'FL'],
    ],
    decided: 'hose_restricted',
    work: {
      kind: 'other',
      cause: 'hose_restricted',
      title: 'New flexible hoses, front pair',
      before: 'Wheel will not turn by hand after one press',
      ticked: 'all',
      notes: { after: 'Turns free' },
    },
    proofs: [['brakes_stuck_on', 'New hoses both fronts, bled; wheel turns free by hand after ten presses']],
    after: [
      ...FIRM,
      ['open_bleeder_frees', 'no', 'FL'],
      ['noise_squeal', 'yes'],
      ['wheel_drags', 'no', 'FL'],
    ],
    close: {
      hours: 5,
      outcome: 'cured_new_fault',
      confirmed: ['hose_restricted'],
      summary: 'Liner collapsed in the left hose. Pads got hot and now squeal: glazed, to be watched.',
      by: 'Mira',
      next: [['Front pads: glazed after the stuck hose, replace if they still squeal', 45]],
    },
  },

  {
    car: 'coupe',
    daysAgo: 0,
    hour: 9,
    neededInHours: 22,
    complaint: 'Long pedal after the kerbs',
    whenWhere: 'Turns 4 and 9, first press only; a tap on the straight cures it',
    history: 'Front hubs apart in spring.',
    wheelsOff: true,
    answers: [
      ['first_press_long', 'yes'],
      ['after_cornering', 'yes'],
      ['pedal_spongy', 'no'],
      ['usage', 'track'],
      ['hub_work', 'yes'],
      ['fluid_age', 'aging'],
      ['system_opened', 'no'],
      ['pedal_now', 'firm'],
      ['pedal_pump', 'same'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
      ['reservoir_level', 'ok'],
      ['bearing_play', 'excess', 'FR'],
      ['pad_thickness', 'ok', 'FL'],
      ['pad_thickness', 'low', 'FR'],
    ],
    readings: [
      [
        'rotor',
        {
          runoutMm: [0, 0.01, 0.02, 0.02, 0.01, 0, -0.01, -0.01],
          thicknessMm: [31.2, 31.2, 31.21, 31.2, 31.2, 31.19, 31.2, 31.2],
          newMm: 32,
          minimumMm: 30,
        },
        'FR',
      ],
      [
        'fluid',
        { class: 'DOT5.1', dryC: 265, wetC: 185, moisturePct: 1.8, altitudeM: 340, caliperPeakC: 168 },
      ],
    ],
  },
  {
    car: 'twoSeater',
    daysAgo: 0,
    hour: 10,
    neededInHours: 6,
    complaint: 'Goes soft after five laps',
    whenWhere: 'End of the second run, comes back over lunch',
    answers: [
      ['pedal_spongy', 'yes'],
      ['temperature_link', 'only_hot'],
      ['recovery', 'after_cooling'],
      ['usage', 'track'],
    ],
  },
  {
    car: 'hatch',
    daysAgo: 1,
    hour: 14,
    complaint: 'Spongy since the rear cylinders were changed',
    history: 'Both rear wheel cylinders new on Monday; reservoir ran dry while they were off.',
    wheelsOff: true,
    answers: [
      ['pedal_spongy', 'yes'],
      ['pedal_long', 'yes'],
      ['temperature_link', 'any_time'],
      ['system_opened', 'yes'],
      ['pedal_pump', 'rises'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
      ['reservoir_level', 'ok'],
      ['bubbles', 'many', 'RR'],
      ['drum_adjustment', 'ok', 'RL'],
      ['drum_adjustment', 'ok', 'RR'],
    ],
    decided: 'air_in_lines',
    work: {
      kind: 'flush',
      cause: 'air_in_lines',
      title: 'Flush and bleed, all four',
      before: '58 mm of pedal, pumps up to 35',
      ticked: 9,
      notes: { 'bleed-1': 'Bubbles to 180 ml, then clear' },
    },
  },
  {
    car: 'twoSeater',
    daysAgo: 3,
    hour: 16,
    complaint: 'Mushy at the very end of the travel',
    whenWhere: 'Any time, more the harder the foot',
    history: 'Pedal box moved back 30 mm over the winter.',
    answers: [
      ['pedal_soft_end', 'yes'],
      ['temperature_link', 'any_time'],
      ['system_opened', 'no'],
      ['hose_kind', 'braided'],
      ['pedal_hold', 'holds'],
      ['pedal_pump', 'same'],
      ['master_movement', 'moves'],
      ['bubbles', 'none'],
      ['leak', 'none'],
    ],
    readings: [['pedal-ratio', { aMm: 270, bMm: 50 }]],
    decided: 'firewall_flex',
  },
  {
    car: 'coupe',
    daysAgo: 2,
    hour: 13,
    neededInHours: 46,
    complaint: 'Pedal like a brick after the engine went back in',
    whenWhere: 'From the first start',
    history: 'Engine out for a clutch.',
    answers: [
      ['pedal_hard', 'yes'],
      ['poor_stopping', 'yes'],
      ['temperature_link', 'any_time'],
      ['assist_start', 'no_change'],
      ['assist_vacuum', 'low'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
    ],
    decided: 'booster_supply_lost',
    work: {
      kind: 'other',
      cause: 'booster_supply_lost',
      title: 'New vacuum hose and check valve',
      before: 'No vacuum at the booster',
      ticked: 'all',
      notes: { after: '0.7 bar at the booster' },
    },
    after: [
      ['pedal_now', 'firm'],
      ['assist_vacuum', 'ok'],
    ],
  },
];
