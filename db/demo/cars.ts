import type { BenchState } from '../../core/car/benchState';
import type { CircuitKind } from '../../core/car/circuits';
import type { Shop } from '../../core/car/shop';
import type { CarSpec } from '../../core/car/spec';
import { startingSet } from '../../core/car/startingSets';
import type { FluidFill } from '../../core/planning/fill/fill';
import type { TrackSetup } from '../../core/planning/knockback/setups';

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
  potSchool: 'fluid',
  bleedPressureKPa: 103,
  bottleMl: 500,
  strainerSchool: 'lift_out',
  catchMl: 500,
  bedInSchool: 'A',
  learnStrength: 300,
  dateOrder: 'day_first',
  currency: 'EUR',
  signedInHours: 336,
  lengthUnit: 'mm',
  temperatureUnit: '°C',
  pressureUnit: 'kPa',
  limits: {},
};

/** What stands on the shelf, and the days since a bottle was opened. */
export const DEMO_SHELF: DemoLot[] = [
  {
    kind: 'fluid',
    what: 'DOT 5.1 brake fluid',
    batch: 'K-2290',
    quantity: 3,
    fluidClass: 'DOT5.1',
    sizeMl: 500,
    dryC: 265,
    wetC: 185,
    colour: 'clear',
    openedDaysAgo: 9,
  },
  {
    kind: 'fluid',
    what: 'DOT 4 brake fluid',
    batch: 'M-1107',
    quantity: 6,
    fluidClass: 'DOT4',
    sizeMl: 500,
    dryC: 245,
    wetC: 160,
    colour: 'amber',
  },
  { kind: 'pads', what: 'Track pads, coupe front', batch: 'T-881', quantity: 2, price: 214 },
  { kind: 'pads', what: 'Street pads, saloon front', batch: 'S-140', quantity: 1, price: 85 },
  { kind: 'rotor', what: 'Rotor 24 mm, saloon front', batch: '', quantity: 2 },
  { kind: 'hose', what: 'Braided hose, hatch front', batch: '', quantity: 2 },
  { kind: 'seal_kit', what: 'Seal kit, 38.1 mm', batch: '', quantity: 4 },
  { kind: 'slide_kit', what: 'Slide pins with boots, saloon rear', batch: '', quantity: 2 },
];

export type DemoLot = {
  kind: string;
  what: string;
  batch: string;
  quantity: number;
  fluidClass?: string;
  sizeMl?: number;
  dryC?: number;
  wetC?: number;
  colour?: string;
  openedDaysAgo?: number;
  price?: number;
};

export type DemoCar = 'coupe' | 'twoSeater' | 'hatch' | 'saloon' | 'electric';

const coupe = startingSet('heavy_coupe');
const twoSeater = startingSet('light_track');
const hatch = startingSet('hatch');
const saloon = startingSet('saloon');

export const DEMO_CARS: Record<DemoCar, CarSpec> = {
  coupe: {
    ...coupe,
    name: 'Car 14, blue coupe',
    note: 'Track days and two club races a year',
    driveSide: 'left',
    fluidDryC: 265,
    fluidWetC: 185,
    frontShare: 0.72,
    origins: {
      massKg: 'set',
      tyreRadiusM: 'set',
      pedalRatio: 'measured',
      'front.rotorMassKg': 'measured',
      'front.padNewMm': 'set',
      'rear.padNewMm': 'set',
    },
    torquesNm: { wheel: 120, bleeder: 14, caliper_bracket: 110, banjo: 30 },
    ownSheet: {
      lift: 'Front subframe ears, rear beam; stands under the sill pads',
      wheel: '21 mm thin-wall socket, locking key in the glove box',
      bleeder: '11 mm ring front, 9 mm rear',
    },
    front: {
      ...coupe.front,
      lineLeftM: 0.9,
      lineRightM: 1.7,
      studs: 5,
      rotorRadiusMm: 165,
      hubRadiusMm: 70,
      bearingSpanMm: 45,
      runoutLimitMm: 0.05,
      padLimitC: 620,
      padCompound: 'track',
      bedLowC: 280,
      bedHighC: 520,
      rotorMassKg: 9.8,
    },
    rear: { ...coupe.rear, lineLeftM: 4.1, lineRightM: 4.7, studs: 5, rotorRadiusMm: 150, hubRadiusMm: 70 },
  },
  twoSeater: {
    ...twoSeater,
    name: 'Number 7, open two-seater',
    note: 'Sprint car, lives on a trailer',
    driveSide: 'right',
    front: {
      ...twoSeater.front,
      lineLeftM: 1.5,
      lineRightM: 0.8,
      studs: 4,
      rotorRadiusMm: 120,
      hubRadiusMm: 55,
    },
    rear: { ...twoSeater.rear, lineLeftM: 3.4, lineRightM: 3, studs: 4 },
  },
  hatch: {
    ...hatch,
    name: 'Shop hatch, grey',
    note: 'Runs parts all week, does the novice day',
    driveSide: 'left',
  },
  saloon: {
    ...saloon,
    name: 'Club saloon, white',
    note: 'Learner’s race car, shared by three drivers',
    driveSide: 'left',
    front: { ...saloon.front, studs: 5, rotorRadiusMm: 130, hubRadiusMm: 65, padLimitC: 550 },
    rear: { ...saloon.rear, studs: 5, rotorRadiusMm: 130, hubRadiusMm: 65 },
  },
  electric: {
    ...saloon,
    name: 'Town electric, green',
    note: 'The paddock’s errand car: its motor brakes, its pads rust',
    driveSide: 'left',
    massKg: 1620,
    drive: 'electric',
    regenShare: 0.4,
    electricParkingBrake: true,
    brakeByWire: false,
    parkingBrake: 'in_caliper',
    front: { ...saloon.front, studs: 5 },
    rear: { ...saloon.rear, studs: 5 },
  },
};

/** Days on track, counted from today: run before, planned after. */
export const DEMO_EVENTS: Record<DemoCar, [name: string, inDays: number, sessions: number][]> = {
  coupe: [
    ['Spring opening', -578, 6],
    ['Club race one', -548, 5],
    ['Summer days', -500, 8],
    ['Club race two', -452, 5],
    ['Season’s last', -398, 6],
    ['Spring opening', -214, 6],
    ['Club race one', -206, 5],
    ['Summer days', -142, 8],
    ['Club race two', -80, 5],
    ['Open evening', -31, 4],
    ['Winter meeting', 19, 6],
  ],
  twoSeater: [
    ['Hill sprint', -560, 4],
    ['Airfield sprint', -505, 6],
    ['Hill sprint', -200, 4],
    ['Airfield sprint', -98, 6],
    ['Night sprint', 12, 4],
  ],
  hatch: [['Novice day', -120, 8]],
  saloon: [
    ['Learners’ race', -530, 6],
    ['Learners’ race', -470, 6],
    ['Learners’ race', -190, 6],
    ['Learners’ race', -130, 6],
    ['Learners’ race', -70, 6],
    ['Winter series', 33, 8],
  ],
  electric: [],
};

/** What each meeting is like, wherever it is run. */
export const DEMO_CIRCUITS: Readonly<Record<string, { circuit: CircuitKind; airC?: number }>> = {
  'Spring opening': { circuit: 'mixed', airC: 14 },
  'Club race one': { circuit: 'fast', airC: 19 },
  'Summer days': { circuit: 'mixed', airC: 31 },
  'Club race two': { circuit: 'fast', airC: 24 },
  'Season’s last': { circuit: 'mixed', airC: 12 },
  'Open evening': { circuit: 'twisty' },
  'Winter meeting': { circuit: 'fast', airC: 4 },
  'Hill sprint': { circuit: 'twisty' },
  'Learners’ race': { circuit: 'mixed' },
  'Winter series': { circuit: 'mixed', airC: 3 },
};

type DemoPart = {
  kind: string;
  place: string;
  what: string;
  batch: string;
  oldWhy?: string;
  oldMate?: string;
  price?: number;
};

/** What the cars wear, and the day it was fitted, counted from today. */
export const DEMO_PARTS: [car: DemoCar, inDays: number, part: DemoPart][] = [
  [
    'coupe',
    -580,
    { kind: 'pads', place: 'front', what: 'Track pads, coupe front', batch: 'T-702', price: 210 },
  ],
  [
    'coupe',
    -460,
    {
      kind: 'pads',
      place: 'front',
      what: 'Track pads, coupe front',
      batch: 'T-760',
      price: 210,
      oldWhy: 'limit',
    },
  ],
  [
    'coupe',
    -215,
    {
      kind: 'pads',
      place: 'front',
      what: 'Track pads, coupe front',
      batch: 'T-861',
      price: 210,
      oldWhy: 'planned',
    },
  ],
  ['coupe', -560, { kind: 'rotor', place: 'FL', what: 'Floating rotor 32 mm', batch: 'R-4411', price: 340 }],
  ['coupe', -560, { kind: 'rotor', place: 'FR', what: 'Floating rotor 32 mm', batch: 'R-4412', price: 340 }],
  ['coupe', -730, { kind: 'studs', place: '', what: 'Long studs and open nuts', batch: '', price: 120 }],
  ['coupe', -215, { kind: 'float_kit', place: 'front', what: 'Bobbins and washers', batch: '' }],
  ['saloon', -1815, { kind: 'hose', place: 'front', what: 'Braided hoses, pair', batch: '' }],
  ['twoSeater', -96, { kind: 'seal_kit', place: 'FL', what: 'Seal kit, 38.1 mm', batch: '' }],
  ['twoSeater', -96, { kind: 'seal_kit', place: 'FR', what: 'Seal kit, 38.1 mm', batch: '' }],
  [
    'saloon',
    -540,
    { kind: 'pads', place: 'front', what: 'Street pads, saloon front', batch: 'S-101', price: 85 },
  ],
  [
    'saloon',
    -192,
    {
      kind: 'pads',
      place: 'front',
      what: 'Street pads, saloon front',
      batch: 'S-131',
      price: 85,
      oldWhy: 'limit',
    },
  ],
];

type DemoFill = Omit<FluidFill, 'filledOn' | 'lotId' | 'lotOpenedOn'>;

/** What was filled in before anybody here did it: a plain fill on its last days, and one far above its class. */
export const DEMO_FILLS: [car: DemoCar, daysAgo: number, fill: DemoFill][] = [
  [
    'hatch',
    377,
    {
      product: 'DOT 4 brake fluid',
      batch: '',
      fluidClass: 'DOT4',
      dryC: null,
      wetC: null,
      colour: 'amber',
      odometerKm: 81_240,
    },
  ],
  [
    'saloon',
    190,
    {
      product: 'Race fluid of the DOT 4 kind',
      batch: 'R-31',
      fluidClass: 'DOT4',
      dryC: 312,
      wetC: 204,
      colour: 'clear',
      odometerKm: 143_900,
    },
  ],
];

/** How the cars go to their tracks against knockback. */
export const DEMO_SETUPS: [car: DemoCar, setup: TrackSetup][] = [
  [
    'twoSeater',
    {
      track: 'Quarry ring',
      kind: 'rough',
      frontN: 22,
      rearN: 18,
      tap: true,
      note: 'First press stays under 40 mm with these.',
    },
  ],
  ['twoSeater', { track: 'Airfield', kind: 'smooth', frontN: null, rearN: null, tap: true, note: '' }],
];

const METRIC = { lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' } as const;

/** Benches that were kept with a car. */
export const DEMO_BENCHES: [car: DemoCar, bench: BenchState][] = [
  ['coupe', { bench: 'balance', name: 'With the 20.6 mm master', typed: { bore: '20.64' }, units: METRIC }],
  [
    'coupe',
    {
      bench: 'balance',
      name: 'Harder pads in front',
      typed: {
        front: { kind: 'opposed', pistons: '40, 40, 40, 40', mu: '0.48', radius: '0.133', factor: '2.2' },
      },
      units: METRIC,
    },
  ],
  ['coupe', { bench: 'heat', name: 'Ducts to the core', typed: { cooling: 'core' }, units: METRIC }],
];
