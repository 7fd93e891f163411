import { definedOf } from '@/core/base/defined';
import type { BaseUnit } from '@/core/base/units/display';
import { CIRCUITS, type CircuitKind } from '@/core/car/circuits';
import type { Corner } from '@/core/car/corner';
import { CAR_FIGURES } from '@/core/car/figures';
import { SESSION_RANGES } from '@/core/readings/heat/ranges';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { type FigureReader, figureReader } from '../../../shell/figureReader';
import type { Units } from '../../../shell/units';

export type ZoneRow = { from: string; to: string; away: string };
/** What each figure stands in, wherever it is in the form. */
const BASES: Readonly<Record<string, BaseUnit>> = {
  mass: 'kg',
  rotor: 'kg',
  ambient: '°C',
  pad: '°C',
  fluid: '°C',
  coolKmh: 'km/h',
  from: 'km/h',
  to: 'km/h',
  rotorC: '°C',
  caliperC: '°C',
  crack: '°C',
};
export const heatBase = (...path: string[]) => BASES[path.at(-1)!];

/** What the model takes of a corner, to be changed where it is known better. */
export const MODEL = {
  specificHeat: { label: 'Rotor, specific heat', unit: 'J/kg·K' },
  rotorShare: { label: 'Of the heat, into the rotor', unit: '' },
  rotorAreaM2: { label: 'Rotor, area that radiates', unit: 'm²' },
  caliperJPerK: { label: 'Caliper, pads and fluid hold', unit: 'J/K' },
  decelMs2: { label: 'Brakes at', unit: 'm/s²' },
  coolingScale: { label: 'Cools, times the model’s', unit: '' },
  couplingWPerK: { label: 'Through new pads', unit: 'W/K' },
  emissivity: { label: 'Rotor, emissivity', unit: '' },
} as const;
const MODEL_IDS = Object.keys(MODEL) as (keyof typeof MODEL)[];

export type PeakRow = { lap: string; rotorC: string; caliperC: string };

export type HeatTyped = {
  mass: string;
  share: string;
  regen: string;
  rotor: string;
  worn: string;
  cooling: HeatSessionInput['cooling'];
  ambient: string;
  laps: string;
  pad: string;
  fluid: string;
  /** From where the rotor is at risk of cracking. */
  crack: string;
  /** The model's own figures; empty is the model's. */
  model: Record<keyof typeof MODEL, string>;
  coolS: string;
  coolKmh: string;
  zones: ZoneRow[];
  peaks: PeakRow[];
  /** The corner the peaks were read at; empty where nobody says. */
  at: Corner | '';
};

export function zonesOf(kind: CircuitKind, units: Units): ZoneRow[] {
  const speed = (kmh: number) => String(Math.round(Number(units.asTyped(kmh, 'km/h'))));
  return CIRCUITS[kind].zones.map(({ fromKmh, toKmh, thenS }) => ({
    from: speed(fromKmh),
    to: speed(toKmh),
    away: `${thenS}`,
  }));
}

export const EMPTY_PEAK: PeakRow = { lap: '', rotorC: '', caliperC: '' };
export const EMPTY_ZONE: ZoneRow = { from: '', to: '', away: '' };

/** What a car brings to the bench; what is not known of it is that of an ordinary one. */
export type HeatStart = {
  massKg?: number;
  frontShare?: number;
  regenShare?: number;
  rotorMassKg?: number;
  padLimitC?: number;
  /** Where its fluid boils with the water last read, in the shop's height. */
  fluidC?: number;
};

/** The bench before anything is typed, in the units shown. */
export function heatStart(own: HeatStart, units: Units): HeatTyped {
  const c = (celsius: number) => String(Math.round(Number(units.asTyped(celsius, '°C'))));
  return {
    mass: own.massKg ? units.asTyped(own.massKg, 'kg') : units.about(1300, 'kg'),
    share: String(Math.round((own.frontShare ?? 0.7) * 100)),
    regen: String(Math.round((own.regenShare ?? 0) * 100)),
    rotor: own.rotorMassKg ? units.asTyped(own.rotorMassKg, 'kg') : units.about(9, 'kg'),
    worn: '0',
    cooling: 'none',
    ambient: c(22),
    laps: '20',
    pad: c(own.padLimitC ?? 600),
    fluid: c(own.fluidC ?? 205),
    crack: '',
    model: Object.fromEntries(MODEL_IDS.map((id) => [id, ''])) as HeatTyped['model'],
    coolS: '120',
    coolKmh: String(Math.round(Number(units.asTyped(60, 'km/h')))),
    zones: zonesOf('mixed', units),
    peaks: [EMPTY_PEAK, EMPTY_PEAK],
    at: '',
  };
}

const RANGES = {
  ...SESSION_RANGES,
  regen: [CAR_FIGURES.regenShare.low, CAR_FIGURES.regenShare.high],
} as const;

type Reader = FigureReader<typeof RANGES>;

/** What was typed on the heat bench as a session, and what of it cannot be one, by field. */
export function readHeatBench(
  typed: HeatTyped,
  units: Units,
): { input?: HeatSessionInput; wrong: Record<string, string> } {
  const reader = figureReader(units, RANGES);
  const { wrong, figure, needed } = reader;
  const zones = readZones(typed, reader);
  const laps = needed('laps', typed.laps, 'laps', '');
  if (!Number.isNaN(laps) && !Number.isInteger(laps))
    wrong.laps = `${typed.laps} is not a whole count of laps`;
  const coolS = figure('coolS', typed.coolS, 'coolS', '');
  const coolKmh = figure('coolKmh', typed.coolKmh, 'coolKmh', 'km/h');
  const measured = readPeaks(typed, laps, reader);
  const input: HeatSessionInput = {
    car: readHeated(typed, reader),
    lap: { zones },
    laps,
    ambientC: needed('ambient', typed.ambient, 'ambientC', '°C'),
    cooling: typed.cooling,
    limits: definedOf({
      padC: figure('pad', typed.pad, 'padC', '°C'),
      fluidC: figure('fluid', typed.fluid, 'fluidC', '°C'),
      rotorC: figure('crack', typed.crack, 'padC', '°C'),
    }),
    ...(coolS === undefined || coolKmh === undefined ? {} : { coolS, coolKmh }),
    ...(measured.length === 0 ? {} : { measured }),
  };
  return Object.keys(wrong).length === 0 ? { input, wrong } : { wrong };
}

/** What takes the heat: the car, its rotor, and what was found of the model. */
function readHeated(typed: HeatTyped, { figure, needed }: Reader): HeatSessionInput['car'] {
  // What a motor takes of a stop reaches no rotor.
  const regen = figure('regen', typed.regen, 'regen', '%', true) ?? 0;
  const model = Object.fromEntries(
    MODEL_IDS.map((id) => [id, figure(`model.${id}`, typed.model[id], id, '')]),
  );
  return {
    massKg: needed('mass', typed.mass, 'massKg', 'kg'),
    axleShare: needed('share', typed.share, 'axleShare', '%', true) * (1 - regen),
    rotorMassKg: needed('rotor', typed.rotor, 'rotorMassKg', 'kg'),
    ...definedOf({ padWorn: figure('worn', typed.worn, 'padWorn', '%', true), ...model }),
  };
}

function readZones({ zones }: HeatTyped, { wrong, needed }: Reader): HeatSessionInput['lap']['zones'] {
  return zones.map(({ from, to, away }, at) => {
    const zone = {
      fromKmh: needed(`from.${at}`, from, 'fromKmh', 'km/h'),
      toKmh: needed(`to.${at}`, to, 'toKmh', 'km/h'),
      thenS: needed(`away.${at}`, away, 'thenS', ''),
    };
    if (zone.toKmh >= zone.fromKmh)
      wrong[`to.${at}`] = `${to} is not under ${from}: a zone slows the car down`;
    return zone;
  });
}

/** What was measured in some laps; a row without a lap, or without a temperature, is none yet. */
function readPeaks(
  { peaks }: HeatTyped,
  laps: number,
  { wrong, figure }: Reader,
): NonNullable<HeatSessionInput['measured']> {
  return peaks.flatMap((row, at) => {
    const lap = figure(`lap.${at}`, row.lap, 'laps', '');
    const rotorC = figure(`rotorC.${at}`, row.rotorC, 'rotorC', '°C');
    const caliperC = figure(`caliperC.${at}`, row.caliperC, 'caliperC', '°C');
    if (lap !== undefined && (lap > laps || !Number.isInteger(lap)))
      wrong[`lap.${at}`] = `${row.lap} is no lap of this session`;
    return lap === undefined || (rotorC === undefined && caliperC === undefined)
      ? []
      : [{ lap, ...definedOf({ rotorC, caliperC }) }];
  });
}

/**
 * What a session gives to a job: itself, which proves nothing, and the peaks that were measured, which are held against the pads
 * and the fluid there like any reading.
 * @param at the corner they were read at; without one they stay with the session
 */
export function heatReadings(
  input: HeatSessionInput,
  at: Corner | '',
): { kind: 'heat-session' | 'heat'; input: object }[] {
  const highest = (of: 'rotorC' | 'caliperC') => {
    const values = (input.measured ?? []).flatMap((peak) => peak[of] ?? []);
    return values.length === 0 ? undefined : Math.max(...values);
  };
  const [rotorPeakC, caliperPeakC] = [highest('rotorC'), highest('caliperC')];
  const session = { kind: 'heat-session' as const, input };
  if (at === '' || (rotorPeakC === undefined && caliperPeakC === undefined)) return [session];
  const peaks = {
    ...(rotorPeakC === undefined ? {} : { rotorPeakC }),
    ...(caliperPeakC === undefined ? {} : { caliperPeakC }),
  };
  const { fluidC } = input.limits ?? {};
  const measured = {
    corners: { [at]: peaks },
    ...(fluidC === undefined ? {} : { fluidBoilingHereC: fluidC }),
  };
  return [session, { kind: 'heat', input: measured }];
}
