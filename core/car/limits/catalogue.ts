import type { Unit } from '../../base/units/convert';
import { ownLimit } from './own';

/** Who a limit comes from: the car's own figure first, then the shop's, then what is usual. */
export type LimitSource = 'car' | 'shop' | 'practice' | 'model';

export type LimitSpec = {
  label: string;
  unit: Unit | '%' | 'K' | 'days' | 'months' | 'sessions';
  /** What holds when neither car nor shop says otherwise, and what that rests on. */
  usual: number;
  from: 'practice' | 'model';
  low: number;
  high: number;
  about: string;
  group: 'Rotor and hub' | 'Pads' | 'Fluid' | 'Pedal and assist' | 'Drum' | 'Heat' | 'Parts with a life';
};

const spec = (
  group: LimitSpec['group'],
  label: string,
  unit: LimitSpec['unit'],
  usual: number,
  [low, high]: [number, number],
  about: string,
  from: LimitSpec['from'] = 'practice',
): LimitSpec => ({ group, label, unit, usual, low, high, about, from });

const STUDS = 'Stretched a little at every wheel change';
const SEALS = 'Cooked by heat, hardened by age';

/** Every limit a reading or a part is held against that a shop may set for itself. Values are common practice with no source, or our model. */
export const LIMIT_SPECS = {
  runoutMm: spec(
    'Rotor and hub',
    'Rotor runout, on the car',
    'mm',
    0.05,
    [0.005, 0.5],
    'Total reading of the dial in one turn',
  ),
  dtvMm: spec(
    'Rotor and hub',
    'Thickness variation',
    'mm',
    0.02,
    [0.002, 0.2],
    '0.013 is fine, over 0.02 is felt',
  ),
  hubLimitMm: spec(
    'Rotor and hub',
    'Hub face runout',
    'mm',
    0.03,
    [0.005, 0.3],
    'At the hub’s own radius, rotor off',
  ),
  playLimitMm: spec(
    'Rotor and hub',
    'Bearing play',
    'mm',
    0.05,
    [0.005, 1],
    'Dial on the rim of the hub, rocked',
  ),
  hubFlexMm: spec(
    'Rotor and hub',
    'Hub flex under a bar',
    'mm',
    0.15,
    [0.02, 2],
    'Rotor against caliper, leaning on the wheel',
  ),
  trackPadMm: spec('Pads', 'Least pad for the track', 'mm', 5, [1, 20], 'Or half of new, whichever is more'),
  innerOuterMm: spec('Pads', 'Inner against outer', 'mm', 1.5, [0.2, 10], 'Difference of the means', 'model'),
  taperAlongMm: spec(
    'Pads',
    'Taper along the pad',
    'mm',
    1.5,
    [0.2, 10],
    'Leading against trailing',
    'model',
  ),
  taperRadialMm: spec('Pads', 'Radial taper', 'mm', 1, [0.2, 10], 'Outer against inner edge', 'model'),
  sidesMm: spec(
    'Pads',
    'Left against right',
    'mm',
    2,
    [0.2, 10],
    'Difference of the means on one axle',
    'model',
  ),
  dryBelowPct: spec('Fluid', 'Dry below', '%', 1, [0.1, 5], 'Water in the fluid'),
  wetFromPct: spec('Fluid', 'Wet from', '%', 3, [0.5, 9], 'Where vapour lock becomes a danger'),
  boilingOkFromC: spec('Fluid', 'Boiling point enough from', '°C', 200, [120, 320], 'At sea level'),
  boilingLowBelowC: spec('Fluid', 'Boiling point low below', '°C', 175, [115, 300], 'At sea level'),
  trackMarginK: spec(
    'Fluid',
    'Margin over the caliper, track',
    'K',
    30,
    [0, 150],
    'Boiling point here less the caliper’s peak',
    'model',
  ),
  bottleDays: spec(
    'Fluid',
    'An opened bottle is fresh for',
    'days',
    3,
    [0, 60],
    'For track use, after that it is not fresh',
  ),
  freePlayLeastMm: spec(
    'Pedal and assist',
    'Free play, at least',
    'mm',
    1,
    [0, 20],
    'At the pad; none may cover the vent port',
  ),
  freePlayMostMm: spec('Pedal and assist', 'Free play, at most', 'mm', 8, [1, 60], 'At the pad'),
  masterMoveMm: spec('Pedal and assist', 'Master movement', 'mm', 1, [0.1, 10], 'Bodily, under a hard press'),
  sinkMm: spec('Pedal and assist', 'Sinking in the hold', 'mm', 3, [0.5, 30], 'Over the time held'),
  vacuumKPa: spec(
    'Pedal and assist',
    'Vacuum at the booster, at least',
    'kPa',
    55,
    [20, 95],
    'Below outside air, idling',
  ),
  softPct: spec(
    'Pedal and assist',
    'Soft pedal, under',
    '%',
    70,
    [10, 100],
    'Of its good pedal’s newtons a millimetre',
    'model',
  ),
  longMm: spec(
    'Pedal and assist',
    'Long pedal, over',
    'mm',
    10,
    [1, 100],
    'More travel than its good pedal, at the same force',
    'model',
  ),
  pumpMm: spec(
    'Pedal and assist',
    'Rise by pumping',
    'mm',
    5,
    [0.5, 50],
    'First press less third, at the same force',
    'model',
  ),
  drumOvalMm: spec('Drum', 'Drum out of round', 'mm', 0.15, [0.02, 1], 'Widest bore less narrowest'),
  shoeGapMm: spec(
    'Drum',
    'Shoe clearance',
    'mm',
    0.6,
    [0.1, 5],
    'Drum bore less the diameter over the shoes',
  ),
  wheelSpreadK: spec(
    'Heat',
    'One wheel hotter by',
    'K',
    60,
    [10, 400],
    'Against the other wheel of its axle',
    'model',
  ),
  allHotC: spec(
    'Heat',
    'All hot from',
    '°C',
    450,
    [150, 900],
    'Rotor face straight in from the lap',
    'model',
  ),
  studsMonths: spec('Parts with a life', 'Wheel studs and nuts', 'months', 24, [1, 240], STUDS),
  studsSessions: spec('Parts with a life', 'Wheel studs and nuts, run', 'sessions', 60, [1, 2000], STUDS),
  hoseMonths: spec('Parts with a life', 'Hoses', 'months', 60, [1, 240], 'Cracks and swells from inside'),
  sealMonths: spec('Parts with a life', 'Caliper seals', 'months', 24, [1, 240], SEALS),
  sealSessions: spec('Parts with a life', 'Caliper seals, run', 'sessions', 80, [1, 2000], SEALS),
  floatSessions: spec(
    'Parts with a life',
    'Float hardware, run',
    'sessions',
    40,
    [1, 2000],
    'Bobbins and washers of two-piece rotors: rattle, then bind',
  ),
  capMonths: spec('Parts with a life', 'Reservoir cap and its seal', 'months', 48, [1, 240], 'Lets water in'),
} as const satisfies Record<string, LimitSpec>;

export type LimitName = keyof typeof LIMIT_SPECS;
export const LIMIT_NAMES = Object.keys(LIMIT_SPECS) as LimitName[];

/** A shop's own limits; what is not there is not set. */
export type ShopLimits = Partial<Record<LimitName, number>>;

export type ResolvedLimit = { value: number; from: LimitSource };

/** What is usual, of those named. */
export const usualLimits = <Name extends LimitName>(...names: readonly Name[]): Record<Name, number> =>
  Object.fromEntries(names.map((name) => [name, LIMIT_SPECS[name].usual])) as Record<Name, number>;

/** The limit that holds: the car's, else the shop's, else what is usual. */
export function limitFor(name: LimitName, shop: ShopLimits, car?: number | null): ResolvedLimit {
  const { usual, from } = LIMIT_SPECS[name];
  return ownLimit(name, shop, car) ?? { value: usual, from };
}
