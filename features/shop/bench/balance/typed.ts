import { definedOf } from '@/core/base/defined';
import type { BaseUnit } from '@/core/base/units/display';
import type { BrakeChange, Pedalled } from '@/core/car/hydraulics/alternatives';
import { boresBeside } from '@/core/car/hydraulics/bores';
import { HYDRAULIC_RANGES } from '@/core/car/hydraulics/ranges';
import { outsideRotor, padRadiusM, roomFor } from '@/core/car/hydraulics/room';
import type { DiscInput, DrumInput, HydraulicsInput } from '@/core/car/hydraulics/schema';
import { type Take, usualTake } from '@/core/car/hydraulics/stroke';
import { type FigureReader, figureReader } from '../../../shell/figureReader';
import type { Units } from '../../../shell/units';
import { pistonsTyped, readPistons } from '../pistons';

type AxleTyped = {
  kind: 'opposed' | 'sliding' | 'drum';
  pistons: string;
  mu: string;
  radius: string;
  factor: string;
};

/** What each figure stands in, wherever it is in the form. */
const BASES: Readonly<Record<string, BaseUnit | readonly [BaseUnit]>> = {
  bore: 'mm',
  pistons: ['mm'],
  assist: 'kPa',
  radius: 'm',
  mass: 'kg',
  wheel: 'm',
  height: 'm',
  wheelbase: 'm',
  rearBore: 'mm',
  knee: 'kPa',
  floor: 'mm',
  frontPistons: ['mm'],
  rearPistons: ['mm'],
  frontRadius: 'm',
  rearRadius: 'm',
};
export const balanceBase = (...path: string[]) => BASES[path.at(-1)!];

/** What another part may be, as it is typed. */
export const OTHERS = {
  bore: 'Master bore',
  rearBore: 'Rear master bore',
  ratio: 'Pedal ratio',
  frontPistons: 'Front pistons',
  rearPistons: 'Rear pistons',
  frontMu: 'Front friction',
  rearMu: 'Rear friction',
  frontRadius: 'Front radius',
  rearRadius: 'Rear radius',
} as const;
export type OtherId = keyof typeof OTHERS;

/** One alternative: what is another, and what it is, under its own name so that its unit is known. */
export type OtherTyped = Partial<Record<OtherId, string>>;

export type BalanceTyped = {
  bore: string;
  ratio: string;
  force: string;
  assist: string;
  front: AxleTyped;
  rear: AxleTyped;
  mass: string;
  wheel: string;
  weight: string;
  height: string;
  wheelbase: string;
  grip: string;
  wanted: string;
  masters: 'one' | 'two';
  rearBore: string;
  /** The front's share of the bar, %. */
  bar: string;
  valve: 'no' | 'yes';
  knee: string;
  slope: string;
  clearance: string;
  give: string;
  floor: string;
  /** The effort wanted, N. */
  effort: string;
  others: OtherTyped[];
};

type Calipers = {
  pistonsMm: readonly number[];
  kind: AxleTyped['kind'];
  /** Where the dial stands on the rotor, mm. */
  rotorRadiusMm?: number;
};

/** What a car brings to the bench; what is not known of it is that of an ordinary one. */
export type BalanceStart = {
  boreMm?: number;
  ratio?: number;
  massKg?: number;
  rollingRadiusM?: number;
  front?: Calipers;
  rear?: Calipers;
  /** What its brakes take, by its own pedal's curve, and how far its floor is. */
  take?: Take;
  toFloorMm?: number;
  /** What helps the foot, where anything does. */
  help?: 'vacuum' | 'hydraulic';
};

/** The bench before anything is typed, in the units shown. */
export function balanceStart(own: BalanceStart, units: Units): BalanceTyped {
  const axle = ({ pistonsMm, kind, rotorRadiusMm }: Calipers, usualRadiusM: number): AxleTyped => ({
    kind,
    pistons: pistonsTyped(pistonsMm, units),
    mu: '0.42',
    radius:
      rotorRadiusMm === undefined
        ? units.about(usualRadiusM, 'm')
        : units.asTyped(padRadiusM(rotorRadiusMm), 'm'),
    factor: '2.2',
  });
  const boreMm = own.boreMm ?? 22.2;
  const take = own.take ?? USUAL_TAKE;
  return {
    bore: units.asTyped(boreMm, 'mm'),
    ratio: String(own.ratio ?? 5.5),
    force: '400',
    assist: '',
    front: axle(own.front ?? { pistonsMm: [40, 40, 40, 40], kind: 'opposed' }, 0.133),
    rear: axle(own.rear ?? { pistonsMm: [36], kind: 'sliding' }, 0.12),
    mass: own.massKg ? units.asTyped(own.massKg, 'kg') : units.about(1300, 'kg'),
    wheel: own.rollingRadiusM ? units.asTyped(own.rollingRadiusM, 'm') : units.about(0.316, 'm'),
    weight: '54',
    height: units.about(0.5, 'm'),
    wheelbase: units.about(2.5, 'm'),
    grip: '0.9',
    wanted: '8',
    masters: 'one',
    rearBore: units.asTyped(boreMm, 'mm'),
    bar: '50',
    valve: 'no',
    knee: units.about(3000, 'kPa'),
    slope: '40',
    clearance: String(Number(take.clearanceMl.toFixed(2))),
    give: String(Number(take.giveMlPerMPa.toFixed(3))),
    floor: own.toFloorMm === undefined ? '' : units.asTyped(own.toFloorMm, 'mm'),
    effort: '',
    others: boresBeside(boreMm).map((bore) => ({ bore: units.asTyped(bore, 'mm') })),
  };
}

/** Of the ordinary brakes that the bench begins with. */
const USUAL_TAKE = usualTake({
  front: { caliper: 'opposed', pistonsMm: [40, 40, 40, 40], mu: 0.42, effectiveRadiusM: 0.133 },
  rear: { caliper: 'sliding', pistonsMm: [36], mu: 0.42, effectiveRadiusM: 0.12 },
});

const RANGES = {
  ...HYDRAULIC_RANGES,
  bar: [0.1, 0.9],
  knee: [0, 20_000],
  slope: [0, 1],
  clearance: [0, 60],
  give: [0, 10],
  floor: [10, 300],
} as const;

type Reader = FigureReader<typeof RANGES>;
/** What was typed, and what reads it. */
type Reading = { typed: BalanceTyped; units: Units; reader: Reader };
type AxleName = 'front' | 'rear';

/**
 * What was typed on the balance bench as the calc's input, and what of it cannot be one, by field.
 * @param start the car it is the bench of: how far out its rotors go, what helps the foot
 */
export function readBalanceBench(
  typed: BalanceTyped,
  units: Units,
  start: Pick<BalanceStart, AxleName | 'help'> = {},
): {
  input?: HydraulicsInput;
  pedalled?: Pedalled;
  effortN?: number;
  /** The foot is helped and nobody said by how much: the sum is of the foot alone. */
  unhelped: boolean;
  /** In the order of the form; nothing where one is not whole yet. */
  others: (BrakeChange | undefined)[];
  wrong: Record<string, string>;
} {
  const reader = figureReader(units, RANGES);
  const { wrong, figure, needed } = reader;
  const reading = { typed, units, reader };
  const rollingRadiusM = needed('wheel', typed.wheel, 'rollingRadiusM', 'm');
  const input: HydraulicsInput = {
    ...pressedBy(reading),
    front: readDisc('front', rollingRadiusM, start.front?.rotorRadiusMm, reading),
    rear:
      typed.rear.kind === 'drum'
        ? readDrum(rollingRadiusM, reading)
        : readDisc('rear', rollingRadiusM, start.rear?.rotorRadiusMm, reading),
    massKg: needed('mass', typed.mass, 'massKg', 'kg'),
    rollingRadiusM,
    ...standingOn(reading),
  };
  const pedalled: Pedalled = {
    take: {
      clearanceMl: needed('clearance', typed.clearance, 'clearance', ''),
      giveMlPerMPa: needed('give', typed.give, 'give', ''),
    },
    toFloorMm: figure('floor', typed.floor, 'floor', 'mm'),
  };
  const effortN = figure('effort', typed.effort, 'forceN', 'N');
  const isBrake = Object.keys(wrong).length === 0;
  // Another part that cannot be read yet leaves the brake as it stands.
  const others = typed.others.map((other, at) => readOther(other, `others.${at}`, reading));
  const unhelped = start.help !== undefined && input.assistKPa === undefined;
  return isBrake ? { input, pedalled, effortN, unhelped, others, wrong } : { unhelped, others, wrong };
}

/** From the foot to the lines: force, lever, master or masters, what helps, and the valve to the rear. */
function pressedBy({
  typed,
  reader: { figure, needed },
}: Reading): Pick<HydraulicsInput, 'master' | 'pedal' | 'rearValve' | 'assistKPa'> {
  const twin = typed.masters === 'two' && {
    rearBoreMm: needed('rearBore', typed.rearBore, 'boreMm', 'mm'),
    barFrontShare: needed('bar', typed.bar, 'bar', '%', true),
  };
  const rearValve = typed.valve === 'yes' && {
    kneeMPa: needed('knee', typed.knee, 'knee', 'kPa') / 1000,
    slope: needed('slope', typed.slope, 'slope', '%', true),
  };
  return {
    master: { boreMm: needed('bore', typed.bore, 'boreMm', 'mm'), ...twin },
    ...(rearValve && { rearValve }),
    pedal: {
      forceN: needed('force', typed.force, 'forceN', 'N'),
      ratio: needed('ratio', typed.ratio, 'ratio', ''),
    },
    ...definedOf({ assistKPa: figure('assist', typed.assist, 'assistKPa', 'kPa') }),
  };
}

/** What the car stands on: where its weight is, what its tyres hold, and the stop that is wanted. */
function standingOn({
  typed,
  reader: { figure },
}: Reading): Pick<HydraulicsInput, 'frontWeightShare' | 'cgHeightM' | 'wheelbaseM' | 'tyreGrip' | 'wanted'> {
  const decelMs2 = figure('wanted', typed.wanted, 'decelMs2', '');
  return definedOf({
    frontWeightShare: figure('weight', typed.weight, 'frontWeightShare', '%', true),
    cgHeightM: figure('height', typed.height, 'cgHeightM', 'm'),
    wheelbaseM: figure('wheelbase', typed.wheelbase, 'wheelbaseM', 'm'),
    tyreGrip: figure('grip', typed.grip, 'tyreGrip', ''),
    wanted: decelMs2 === undefined ? undefined : { decelMs2 },
  });
}

/** Where an axle's friction acts: inside its wheel. */
function readRadius(
  axle: AxleName,
  rollingRadiusM: number,
  { typed, reader: { wrong, needed } }: Reading,
): number {
  const metres = needed(`${axle}.radius`, typed[axle].radius, 'effectiveRadiusM', 'm');
  if (metres >= rollingRadiusM) wrong[`${axle}.radius`] = 'the brake is inside the wheel';
  return metres;
}

function readDrum(rollingRadiusM: number, reading: Reading): DrumInput {
  const { pistons, factor } = reading.typed.rear;
  const { needed } = reading.reader;
  return {
    cylinderMm: needed('rear.pistons', pistons, 'cylinderMm', 'mm'),
    brakeFactor: needed('rear.factor', factor, 'brakeFactor', ''),
    drumRadiusM: readRadius('rear', rollingRadiusM, reading),
  };
}

function readDisc(
  axle: AxleName,
  rollingRadiusM: number,
  rotorRadiusMm: number | undefined,
  reading: Reading,
): DiscInput {
  const { typed, units, reader } = reading;
  const { wrong, needed } = reader;
  const { kind, pistons, mu } = typed[axle];
  const { pistonsMm = [], why } = readPistons(pistons, kind === 'opposed', units);
  if (why) wrong[`${axle}.pistons`] = why;
  const brake: DiscInput = {
    caliper: kind === 'opposed' ? 'opposed' : 'sliding',
    pistonsMm,
    mu: needed(`${axle}.mu`, mu, 'mu', ''),
    effectiveRadiusM: readRadius(axle, rollingRadiusM, reading),
  };
  if (rotorRadiusMm !== undefined && outsideRotor(brake.effectiveRadiusM, rotorRadiusMm))
    wrong[`${axle}.radius`] ??= `outside the rotor: the dial stands at ${units.full(rotorRadiusMm, 'mm', 0)}`;
  const room = roomFor(brake);
  if (room) wrong[`${axle}.pistons`] ??= room;
  return brake;
}

export type BalanceRead = ReturnType<typeof readBalanceBench>;

/** What an alternative is of, and what was typed for it. */
export function onlyOf(other: OtherTyped): [OtherId, string] {
  const [only] = Object.entries(other) as [OtherId, string][];
  return only ?? ['bore', ''];
}

/** One alternative as a change of the brake; what is wrong with it stands under its own name. */
function readOther(
  other: OtherTyped,
  name: string,
  { typed, units, reader: { wrong, needed } }: Reading,
): BrakeChange | undefined {
  const [what, text] = onlyOf(other);
  const axle = what.startsWith('rear') ? 'rear' : 'front';
  const plain = (range: keyof typeof RANGES, base: BaseUnit) => {
    const value = needed(name, text, range, base);
    return Number.isNaN(value) ? undefined : value;
  };
  switch (what) {
    case 'frontPistons':
    case 'rearPistons': {
      const { pistonsMm, why } = readPistons(text, typed[axle].kind === 'opposed', units);
      if (why) wrong[name] = why;
      return pistonsMm && { what: 'pistons', axle, pistonsMm };
    }
    case 'bore':
    case 'rearBore': {
      const value = plain('boreMm', 'mm');
      return value === undefined ? undefined : { what, value };
    }
    case 'ratio': {
      const value = plain('ratio', '');
      return value === undefined ? undefined : { what, value };
    }
    case 'frontMu':
    case 'rearMu': {
      const value = plain('mu', '');
      return value === undefined ? undefined : { what: 'mu', axle, value };
    }
    case 'frontRadius':
    case 'rearRadius': {
      const value = plain('effectiveRadiusM', 'm');
      return value === undefined ? undefined : { what: 'radius', axle, value };
    }
  }
}
