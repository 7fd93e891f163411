import type { BaseUnit } from '@/core/base/units/display';
import { LIMITS } from '@/core/car/limits/carLimits';
import { SESSION_RANGES } from '@/core/readings/heat/ranges';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { figureReader } from '../../shell/figureReader';
import type { Units } from '../../shell/units';

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
};
export const heatBase = (...path: string[]) => BASES[path.at(-1)!];

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
  coolS: string;
  coolKmh: string;
  zones: ZoneRow[];
  peaks: PeakRow[];
};

/** Laps of invented circuits, by kind: where they brake, and how long it is to the next. */
export const LAPS = {
  twisty: {
    label: 'Slow and twisty',
    zones: [
      [120, 60, 12],
      [105, 55, 9],
      [135, 70, 14],
      [110, 50, 11],
      [125, 65, 13],
      [100, 55, 10],
    ],
  },
  mixed: {
    label: 'Mixed',
    zones: [
      [185, 95, 32],
      [150, 85, 26],
      [165, 100, 35],
      [140, 75, 25],
    ],
  },
  fast: {
    label: 'Fast, long straights',
    zones: [
      [235, 95, 34],
      [205, 120, 29],
      [220, 85, 38],
    ],
  },
} as const;

export type LapKind = keyof typeof LAPS;

export function zonesOf(kind: LapKind, units: Units): ZoneRow[] {
  const speed = (kmh: number) => String(Math.round(Number(units.asTyped(kmh, 'km/h'))));
  return LAPS[kind].zones.map(([from, to, away]) => ({
    from: speed(from),
    to: speed(to),
    away: `${away}`,
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
    coolS: '120',
    coolKmh: String(Math.round(Number(units.asTyped(60, 'km/h')))),
    zones: zonesOf('mixed', units),
    peaks: [EMPTY_PEAK, EMPTY_PEAK],
  };
}

const RANGES = { ...SESSION_RANGES, regen: [LIMITS.regenShare.low, LIMITS.regenShare.high] } as const;

/** What was typed on the heat bench as a session, and what of it cannot be one, by field. */
export function readHeatBench(
  typed: HeatTyped,
  units: Units,
): { input?: HeatSessionInput; wrong: Record<string, string> } {
  const { wrong, figure, needed } = figureReader(units, RANGES);
  const zones = typed.zones.map(({ from, to, away }, at) => {
    const zone = {
      fromKmh: needed(`from.${at}`, from, 'fromKmh', 'km/h'),
      toKmh: needed(`to.${at}`, to, 'toKmh', 'km/h'),
      thenS: needed(`away.${at}`, away, 'thenS', ''),
    };
    if (zone.toKmh >= zone.fromKmh)
      wrong[`to.${at}`] = `${to} is not under ${from}: a zone slows the car down`;
    return zone;
  });
  const laps = needed('laps', typed.laps, 'laps', '');
  if (!Number.isNaN(laps) && !Number.isInteger(laps))
    wrong.laps = `${typed.laps} is not a whole count of laps`;
  // What a motor takes of a stop reaches no rotor.
  const regen = figure('regen', typed.regen, 'regen', '%', true) ?? 0;
  const padWorn = figure('worn', typed.worn, 'padWorn', '%', true);
  const padC = figure('pad', typed.pad, 'padC', '°C');
  const fluidC = figure('fluid', typed.fluid, 'fluidC', '°C');
  const coolS = figure('coolS', typed.coolS, 'coolS', '');
  const coolKmh = figure('coolKmh', typed.coolKmh, 'coolKmh', 'km/h');
  const measured = typed.peaks.flatMap((row, at) => {
    const lap = figure(`lap.${at}`, row.lap, 'laps', '');
    const rotorC = figure(`rotorC.${at}`, row.rotorC, 'rotorC', '°C');
    const caliperC = figure(`caliperC.${at}`, row.caliperC, 'caliperC', '°C');
    if (lap !== undefined && (lap > laps || !Number.isInteger(lap)))
      wrong[`lap.${at}`] = `${row.lap} is no lap of this session`;
    return lap === undefined || (rotorC === undefined && caliperC === undefined)
      ? []
      : [
          {
            lap,
            ...(rotorC === undefined ? {} : { rotorC }),
            ...(caliperC === undefined ? {} : { caliperC }),
          },
        ];
  });
  const input: HeatSessionInput = {
    car: {
      massKg: needed('mass', typed.mass, 'massKg', 'kg'),
      axleShare: needed('share', typed.share, 'axleShare', '%', true) * (1 - regen),
      rotorMassKg: needed('rotor', typed.rotor, 'rotorMassKg', 'kg'),
      ...(padWorn === undefined ? {} : { padWorn }),
    },
    lap: { zones },
    laps,
    ambientC: needed('ambient', typed.ambient, 'ambientC', '°C'),
    cooling: typed.cooling,
    limits: { ...(padC === undefined ? {} : { padC }), ...(fluidC === undefined ? {} : { fluidC }) },
    ...(coolS === undefined || coolKmh === undefined ? {} : { coolS, coolKmh }),
    ...(measured.length === 0 ? {} : { measured }),
  };
  return Object.keys(wrong).length === 0 ? { input, wrong } : { wrong };
}
