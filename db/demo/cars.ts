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
  learnStrength: 300,
  lengthUnit: 'mm',
  temperatureUnit: '°C',
  pressureUnit: 'kPa',
  limits: {},
};

export type DemoCar = 'coupe' | 'twoSeater' | 'hatch' | 'saloon';

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
};
