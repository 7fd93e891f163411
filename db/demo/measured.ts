import { type DemoJob, FIRM } from './job';

type Reading = NonNullable<DemoJob['readings']>[number];

/** A rotor's readings round the face, made of a wobble, a wave and a thickness, as a dial that reads hundredths shows them. */
function rotor(
  at: string,
  {
    wobble = 0.02,
    high = 100,
    wave = 0.004,
    thick,
    variation = 0.006,
    newMm,
    minimumMm,
    studs = 5,
  }: RotorMade,
): Reading {
  const stations = Array.from({ length: 12 }, (_, station) => (2 * Math.PI * station) / 12);
  const turn = (high * Math.PI) / 180;
  const runoutMm = stations.map((angle) =>
    hundredth((wobble / 2) * Math.cos(angle - turn) + (wave / 2) * Math.cos(2 * angle)),
  );
  const thicknessMm = stations.map((angle) =>
    Number((thick + (variation / 2) * Math.cos(angle - 1)).toFixed(3)),
  );
  return ['rotor', { runoutMm, thicknessMm, newMm, minimumMm, studs }, at];
}

type RotorMade = {
  wobble?: number;
  high?: number;
  wave?: number;
  thick: number;
  variation?: number;
  newMm: number;
  minimumMm: number;
  studs?: number;
};

function hundredth(mm: number): number {
  return Number(mm.toFixed(2));
}

function pads(
  at: string,
  newMm: number,
  caliper: object,
  inner: [number, number],
  outer: [number, number],
): Reading {
  const pad = ([leading, trailing]: [number, number]) => ({ leading, trailing });
  return [
    'pads',
    { caliper, newMm, minimumMm: 3, corners: { [at]: { inner: pad(inner), outer: pad(outer) } } },
    at,
  ];
}

const COUPE = { front: 'opposed', rear: 'sliding' };
const SALOON = { front: 'sliding', rear: 'sliding' };
const coupeRotor = { newMm: 32, minimumMm: 30 };
const saloonRotor = { newMm: 24, minimumMm: 22.4 };

/** One look over the coupe's front axle: pads to so much, rotors to so much. */
function coupeFront(pad: number, thick: number): Reading[] {
  return [
    pads('FL', 15, COUPE, [pad, pad + 0.2], [pad + 0.1, pad + 0.2]),
    pads('FR', 15, COUPE, [pad - 0.2, pad + 0.1], [pad, pad + 0.1]),
    rotor('FL', { ...coupeRotor, thick: thick + 0.05 }),
    rotor('FR', { ...coupeRotor, thick, high: 160 }),
  ];
}

/** The coupe's fluid as the tester shows it: its own pair, in the shop's height. */
function coupeWater(moisturePct: number): Reading {
  return ['fluid', { class: 'DOT5.1', dryC: 265, wetC: 185, moisturePct, altitudeM: 340 }];
}

function lookOver(daysAgo: number, complaint: string, readings: Reading[], summary: string): DemoJob {
  return {
    car: 'coupe',
    daysAgo,
    hour: 9,
    complaint,
    history: 'Measured, nothing reported.',
    wheelsOff: true,
    answers: [
      ['pedal_now', 'firm'],
      ['leak', 'none'],
      ['reservoir_level', 'ok'],
    ],
    readings,
    close: { hours: 2, outcome: 'no_change', confirmed: [], summary, by: 'Mira' },
  };
}

/** Cars measured over two seasons: wear to trend by, a runout cured on the studs, slides seized. */
export const MEASURED_JOBS: DemoJob[] = [
  lookOver(
    584,
    'Before the first season: new front rotors and pads',
    coupeFront(15, 32),
    'New all round in front; this is where its wear begins.',
  ),
  lookOver(540, 'Look over after the first race', coupeFront(12.9, 31.86), 'Wearing evenly.'),
  lookOver(446, 'Look over before autumn', coupeFront(9.4, 31.7), 'Front pads past half: ordered.'),
  lookOver(220, 'Winter work done: new front pads', coupeFront(14.9, 31.6), 'New pads, rotors kept.'),
  lookOver(
    136,
    'Look over after the summer days',
    [...coupeFront(11.1, 31.42), coupeWater(0.6)],
    'Even; fits the next race.',
  ),
  lookOver(
    74,
    'Look over before the last races',
    [...coupeFront(8.7, 31.29), coupeWater(1.3)],
    'Front pads past half now.',
  ),
  {
    car: 'saloon',
    daysAgo: 182,
    hour: 13,
    complaint: 'Shudders through the wheel when braking from speed',
    whenWhere: 'From 120 down; smooth when rolling',
    history: 'New front rotors fitted last week, in a hurry.',
    wheelsOff: true,
    answers: [
      ['vibration_braking', 'yes'],
      ['vibration_coasting', 'no'],
      ['pedal_pulses', 'yes'],
      ['friction_new', 'yes'],
      ['rotor_surface', 'smooth', 'FL'],
    ],
    readings: [
      rotor('FL', { ...saloonRotor, wobble: 0.11, high: 60, thick: 24 }),
      rotor('FR', { ...saloonRotor, wobble: 0.03, thick: 24 }),
      [
        'reindex',
        {
          hub: { peakToPeakMm: 0.035, highAngleDeg: 60, radiusMm: 65 },
          mounted: { peakToPeakMm: 0.11, highAngleDeg: 60, radiusMm: 130 },
          studs: 5,
        },
        'FL',
      ],
      ['judder', { speedKmh: 110, rollingRadiusM: 0.316, frequencyHz: 15.2 }],
    ],
    decided: 'rotor_runout',
    work: {
      procedure: 'reindex',
      corners: ['FL'],
      measuredBy: { reading: 'rotor', corner: 'FL' },
      cause: 'rotor_runout',
      title: 'Turn the rotor two studs on, faces cleaned',
      before: 'Runout 0.110 mm at the rim, front left',
      ticked: 'all',
      notes: { 'again-fl': 'Runout 0.040 mm' },
    },
    after: [...FIRM, ['judder_order', 'none']],
    afterReadings: [rotor('FL', { ...saloonRotor, wobble: 0.04, high: 200, thick: 24 })],
    driven: {
      driver: 'Mira',
      conditions: 'From 120 km/h, five stops',
      back: { laps: 5, airC: 12, note: '' },
    },
    close: {
      hours: 3,
      outcome: 'cured',
      confirmed: ['rotor_runout'],
      summary: 'Hub and rotor leaned the same way. Two studs on, they cancel; nothing machined.',
      by: 'Mira',
    },
  },
  {
    car: 'saloon',
    daysAgo: 64,
    hour: 10,
    complaint: 'Pulls to the left, eats pads on one side',
    whenWhere: 'All the time; right front smells after a run',
    history: 'Pads new in spring.',
    wheelsOff: true,
    answers: [
      ['pulls', 'yes'],
      ['pads_wear_fast', 'yes'],
      ['usage', 'track'],
      ['pedal_hold', 'holds'],
      ['slide_pins', 'stiff', 'FR'],
      ['slide_pins', 'free', 'FL'],
      ['piston_return', 'free', 'FR'],
    ],
    readings: [
      pads('FL', 12, SALOON, [7.9, 8.1], [8, 8.2]),
      pads('FR', 12, SALOON, [3.9, 4.2], [8.4, 8.5]),
      ['heat', { corners: { FL: { faceC: 181 }, FR: { faceC: 266 } } }],
    ],
    decided: 'caliper_slides_seized',
    work: {
      procedure: 'slides',
      corners: ['FL', 'FR'],
      cause: 'caliper_slides_seized',
      title: 'Slides out, cleaned, new boots; front pads as a pair',
      before: 'Inner pad 3.9, outer 8.4 mm, front right',
      ticked: 'all',
      notes: { 'glide-fl': 'Caliper glides by hand' },
    },
    after: [...FIRM, ['slide_pins', 'free', 'FR']],
    afterReadings: [pads('FL', 12, SALOON, [12, 12], [12, 12]), pads('FR', 12, SALOON, [12, 12], [12, 12])],
    driven: {
      driver: 'The owner',
      conditions: 'Hot, after hard stops or laps',
      back: { laps: 9, airC: 19, note: 'Straight, both fronts as warm as each other' },
    },
    close: {
      hours: 5,
      outcome: 'cured',
      confirmed: ['caliper_slides_seized'],
      summary: 'Lower pin dry and rusted. Inner pad did all the work. Both sides done.',
      by: 'Tobias',
      next: [
        ['Slides: clean and grease before the winter series', 90],
        [
          'Torn slide boot, front left: greased and taped shut',
          70,
          {
            why: 'no such boot on the shelf',
            successor: 'new slide boots, front left',
            sessions: 12,
            km: null,
          },
        ],
      ],
    },
  },
];
