import type { BaseUnit } from '@/core/base/units/display';
import { HYDRAULIC_RANGES } from '@/core/car/hydraulics/ranges';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { figureReader } from '../../shell/figureReader';
import type { Units } from '../../shell/units';
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
};
export const balanceBase = (...path: string[]) => BASES[path.at(-1)!];

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
};

type Calipers = { pistonsMm: readonly number[]; kind: AxleTyped['kind'] };

/** What a car brings to the bench; what is not known of it is that of an ordinary one. */
export type BalanceStart = {
  boreMm?: number;
  ratio?: number;
  massKg?: number;
  rollingRadiusM?: number;
  front?: Calipers;
  rear?: Calipers;
};

/** The bench before anything is typed, in the units shown. */
export function balanceStart(own: BalanceStart, units: Units): BalanceTyped {
  const axle = ({ pistonsMm, kind }: Calipers, radius: string): AxleTyped => ({
    kind,
    pistons: pistonsTyped(pistonsMm, units),
    mu: '0.42',
    radius,
    factor: '2.2',
  });
  return {
    bore: units.asTyped(own.boreMm ?? 22.2, 'mm'),
    ratio: String(own.ratio ?? 5.5),
    force: '400',
    assist: '',
    front: axle(own.front ?? { pistonsMm: [40, 40, 40, 40], kind: 'opposed' }, units.about(0.133, 'm')),
    rear: axle(own.rear ?? { pistonsMm: [36], kind: 'sliding' }, units.about(0.12, 'm')),
    mass: own.massKg ? units.asTyped(own.massKg, 'kg') : units.about(1300, 'kg'),
    wheel: own.rollingRadiusM ? units.asTyped(own.rollingRadiusM, 'm') : units.about(0.316, 'm'),
    weight: '54',
    height: units.about(0.5, 'm'),
    wheelbase: units.about(2.5, 'm'),
    grip: '0.9',
    wanted: '8',
  };
}

/** What was typed on the balance bench as the calc's input, and what of it cannot be one, by field. */
export function readBalanceBench(
  typed: BalanceTyped,
  units: Units,
): { input?: HydraulicsInput; wrong: Record<string, string> } {
  const { wrong, figure, needed } = figureReader(units, HYDRAULIC_RANGES);
  const rollingRadiusM = needed('wheel', typed.wheel, 'rollingRadiusM', 'm');
  const radius = (axle: 'front' | 'rear') => {
    const metres = needed(`${axle}.radius`, typed[axle].radius, 'effectiveRadiusM', 'm');
    if (metres >= rollingRadiusM) wrong[`${axle}.radius`] = 'the brake is inside the wheel';
    return metres;
  };
  const disc = (axle: 'front' | 'rear'): HydraulicsInput['front'] => {
    const { kind, pistons, mu } = typed[axle];
    const { pistonsMm = [], why } = readPistons(pistons, kind === 'opposed', units);
    if (why) wrong[`${axle}.pistons`] = why;
    return {
      caliper: kind === 'opposed' ? 'opposed' : 'sliding',
      pistonsMm,
      mu: needed(`${axle}.mu`, mu, 'mu', ''),
      effectiveRadiusM: radius(axle),
    };
  };
  const rear: HydraulicsInput['rear'] =
    typed.rear.kind === 'drum'
      ? {
          cylinderMm: needed('rear.pistons', typed.rear.pistons, 'cylinderMm', 'mm'),
          brakeFactor: needed('rear.factor', typed.rear.factor, 'brakeFactor', ''),
          drumRadiusM: radius('rear'),
        }
      : disc('rear');
  const assistKPa = figure('assist', typed.assist, 'assistKPa', 'kPa');
  const frontWeightShare = figure('weight', typed.weight, 'frontWeightShare', '%', true);
  const cgHeightM = figure('height', typed.height, 'cgHeightM', 'm');
  const wheelbaseM = figure('wheelbase', typed.wheelbase, 'wheelbaseM', 'm');
  const tyreGrip = figure('grip', typed.grip, 'tyreGrip', '');
  const decelMs2 = figure('wanted', typed.wanted, 'decelMs2', '');
  const input: HydraulicsInput = {
    master: { boreMm: needed('bore', typed.bore, 'boreMm', 'mm') },
    pedal: {
      forceN: needed('force', typed.force, 'forceN', 'N'),
      ratio: needed('ratio', typed.ratio, 'ratio', ''),
    },
    ...(assistKPa === undefined ? {} : { assistKPa }),
    front: disc('front'),
    rear,
    massKg: needed('mass', typed.mass, 'massKg', 'kg'),
    rollingRadiusM,
    ...(frontWeightShare === undefined ? {} : { frontWeightShare }),
    ...(cgHeightM === undefined ? {} : { cgHeightM }),
    ...(wheelbaseM === undefined ? {} : { wheelbaseM }),
    ...(tyreGrip === undefined ? {} : { tyreGrip }),
    ...(decelMs2 === undefined ? {} : { wanted: { decelMs2 } }),
  };
  return Object.keys(wrong).length === 0 ? { input, wrong } : { wrong };
}
