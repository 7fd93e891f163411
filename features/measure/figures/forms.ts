import type { BaseUnit } from '@/core/base/units/display';
import { CORNERS, type Corner } from '@/core/car/corner';
import type { LimitName, ResolvedLimit, ShopLimits } from '@/core/car/limits/catalogue';
import type { AxleSpec, CarSpec } from '@/core/car/spec';
import { MEASURES } from '@/core/readings/measures';
import type { ReadingField } from '../readFields';

/** One figure of a small form. */
export type FigureField = ReadingField;

export type Surroundings = {
  car: CarSpec;
  corner?: Corner;
  axle?: AxleSpec;
  shop: ShopLimits;
  limit: (name: LimitName, car?: number | null) => ResolvedLimit;
  /** Where the fluid boils here, by its own reading, °C. */
  fluidBoilingHereC?: number;
};

/** A reading of a few figures: how they become the calc's input, and what they are held against. */
export type FigureForm = {
  take: string;
  fields: (around: Surroundings) => FigureField[];
  input: (values: Record<string, number>, around: Surroundings) => Record<string, unknown> | undefined;
  /** The limits that apply, for the line under the fields. */
  limits: (around: Surroundings) => [label: string, limit: ResolvedLimit, base: BaseUnit, decimals: number][];
  /** Values back out of an input, to be corrected. */
  values: (input: Record<string, unknown>) => Record<string, number>;
  about: string;
  /** A clock beside it that runs so long, s. */
  timerS?: number;
  /** Its fields stand in rows of three. */
  isTable?: true;
};

const definedOnly = (values: Record<string, number | undefined>) =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Record<
    string,
    number
  >;

const bearing: FigureForm = {
  take: 'the play',
  about: 'Dial on the rim of the hub, square to it; grip the wheel or the disc at twelve and six and rock.',
  fields: ({ corner }) => [
    {
      id: 'play',
      label: 'Play',
      base: 'mm',
      decimals: 3,
      low: 0,
      high: 10,
      quantity: 'displacement',
      pose: { point: 'bearing', corner },
    },
  ],
  input: ({ play }, { axle, shop }) =>
    play === undefined
      ? undefined
      : {
          playMm: play,
          ...MEASURES.bearing.held!.own({ axle, shop }),
          ...(axle?.bearingSpanMm ? { spanMm: axle.bearingSpanMm } : {}),
          ...(axle?.rotorRadiusMm ? { rotorRadiusMm: axle.rotorRadiusMm } : {}),
        },
  limits: ({ axle, limit }) => [['At most', limit('playLimitMm', axle?.playLimitMm), 'mm', 3]],
  values: (input) => definedOnly({ play: input.playMm as number }),
};

const flex: FigureForm = {
  take: 'the flex',
  about: 'Dial from the caliper to the rotor, bar across the wheel, lean on it as a corner would.',
  fields: ({ corner }) => [
    {
      id: 'deflection',
      label: 'Rotor moves',
      base: 'mm',
      decimals: 2,
      low: 0,
      high: 20,
      quantity: 'displacement',
      pose: { point: 'flex', corner },
    },
  ],
  input: ({ deflection }, { shop }) =>
    deflection === undefined
      ? undefined
      : {
          deflectionMm: deflection,
          ...MEASURES.flex.held!.own({ shop }),
        },
  limits: ({ limit }) => [['At most', limit('hubFlexMm'), 'mm', 2]],
  values: (input) => definedOnly({ deflection: input.deflectionMm as number }),
};

const drum: FigureForm = {
  take: 'the drum',
  about: 'Bore across both ways, then over the shoes as they are set.',
  fields: () => [
    { id: 'first', label: 'Bore', base: 'mm', decimals: 2, low: 80, high: 500 },
    { id: 'second', label: 'Bore, a quarter on', base: 'mm', decimals: 2, low: 80, high: 500 },
    { id: 'shoes', label: 'Over the shoes', base: 'mm', decimals: 2, low: 80, high: 500 },
  ],
  input: ({ first, second, shoes }, { shop }) =>
    first === undefined || second === undefined
      ? undefined
      : {
          boreMm: [first, second],
          ...(shoes === undefined ? {} : { shoesMm: shoes }),
          ...MEASURES.drum.held!.own({ shop }),
        },
  limits: ({ limit }) => [
    ['Out of round', limit('drumOvalMm'), 'mm', 2],
    ['Clearance', limit('shoeGapMm'), 'mm', 2],
  ],
  values: (input) => {
    const [first, second] = input.boreMm as number[];
    return definedOnly({ first, second, shoes: input.shoesMm as number });
  },
};

/** How long a pedal is held, where nobody says, s. */
const HELD_S = 30;

const pedal: FigureForm = {
  take: 'the pedal',
  timerS: HELD_S,
  about: 'Whatever was measured; the rest stays empty. A rule beside the pedal, a gauge under the foot.',
  fields: ({ car }) => [
    { id: 'freePlay', label: 'Free play, at the pad', base: 'mm', decimals: 1, low: 0, high: 100 },
    { id: 'sank', label: 'Sank in the hold', base: 'mm', decimals: 0, low: 0, high: 200 },
    {
      id: 'seconds',
      label: 'Held for',
      base: 's',
      decimals: 0,
      low: 1,
      high: 600,
      usual: HELD_S,
    },
    {
      id: 'force',
      label: 'Held with',
      base: 'N',
      decimals: 0,
      low: 10,
      high: 2000,
      quantity: 'force',
      pose: { point: 'pedal' },
    },
    { id: 'master', label: 'Master moves', base: 'mm', decimals: 1, low: 0, high: 30 },
    ...(car.assist === 'none' || car.assist === 'hydraulic'
      ? []
      : [
          {
            id: 'vacuum',
            label: 'Vacuum at the booster',
            base: 'kPa' as const,
            decimals: 0,
            low: 0,
            high: 105,
          },
        ]),
  ],
  input: ({ freePlay, sank, seconds, force, master, vacuum }, { car, shop }) => {
    if ([freePlay, sank, master, vacuum].every((each) => each === undefined)) return undefined;
    return {
      ...definedOnly({ freePlayMm: freePlay, masterMovementMm: master, vacuumKPa: vacuum }),
      ...(sank === undefined
        ? {}
        : { held: { sankMm: sank, seconds: seconds ?? HELD_S, ...definedOnly({ forceN: force }) } }),
      ...(car.pedalRatio === null ? {} : { pedalRatio: car.pedalRatio }),
      ...MEASURES.pedal.held!.own({ shop }),
    };
  },
  limits: ({ limit }) => [
    ['Free play from', limit('freePlayLeastMm'), 'mm', 1],
    ['to', limit('freePlayMostMm'), 'mm', 1],
    ['sinks over', limit('sinkMm'), 'mm', 0],
    ['master over', limit('masterMoveMm'), 'mm', 1],
    ['vacuum from', limit('vacuumKPa'), 'kPa', 0],
  ],
  values: (input) => {
    const held = input.held as { sankMm: number; seconds: number; forceN?: number } | undefined;
    return definedOnly({
      freePlay: input.freePlayMm as number,
      sank: held?.sankMm,
      seconds: held?.seconds,
      force: held?.forceN,
      master: input.masterMovementMm as number,
      vacuum: input.vacuumKPa as number,
    });
  },
};

const heat: FigureForm = {
  take: 'the temperatures',
  isTable: true,
  about: 'Straight in from the lap, faces by infrared in the same order each time; peaks by paint and strip.',
  fields: () =>
    CORNERS.flatMap((corner) => [
      {
        id: `${corner}.faceC`,
        label: `${corner} face`,
        base: '°C' as const,
        decimals: 0,
        low: -40,
        high: 1300,
        quantity: 'temperature' as const,
        pose: { point: 'face' as const, corner },
      },
      {
        id: `${corner}.rotorPeakC`,
        label: `${corner} paint`,
        base: '°C' as const,
        decimals: 0,
        low: -40,
        high: 1300,
      },
      {
        id: `${corner}.caliperPeakC`,
        label: `${corner} strip`,
        base: '°C' as const,
        decimals: 0,
        low: -40,
        high: 1300,
      },
    ]),
  input: (values, { car, shop, fluidBoilingHereC }) => {
    const corners = Object.fromEntries(
      CORNERS.flatMap((corner) => {
        const read = definedOnly(
          Object.fromEntries(
            (['faceC', 'rotorPeakC', 'caliperPeakC'] as const).map((at) => [at, values[`${corner}.${at}`]]),
          ),
        );
        return Object.keys(read).length === 0 ? [] : [[corner, read]];
      }),
    );
    if (Object.keys(corners).length === 0) return undefined;
    return {
      corners,
      ...(fluidBoilingHereC === undefined ? {} : { fluidBoilingHereC }),
      ...MEASURES.heat.held!.own({ car, shop }),
    };
  },
  limits: ({ limit, fluidBoilingHereC }) => [
    ['One wheel hotter by', limit('wheelSpreadK'), 'K', 0],
    ['all hot from', limit('allHotC'), '°C', 0],
    ...(fluidBoilingHereC === undefined
      ? []
      : ([['margin to the fluid', limit('trackMarginK'), 'K', 0]] as [
          string,
          ResolvedLimit,
          BaseUnit,
          number,
        ][])),
  ],
  values: (input) =>
    definedOnly(
      Object.fromEntries(
        Object.entries(input.corners as Record<string, Record<string, number>>).flatMap(([corner, read]) =>
          Object.entries(read).map(([at, value]) => [`${corner}.${at}`, value]),
        ),
      ),
    ),
};

export const FIGURE_FORMS = { bearing, flex, drum, pedal, heat } as const;
export type FigureFormId = keyof typeof FIGURE_FORMS;
