import type { Unit } from '../../base/units/convert';

/** What an instrument measures; a field that waits for a figure names one of these. */
export type Quantity = 'displacement' | 'thickness' | 'moisture' | 'boiling' | 'temperature' | 'force';

export type InstrumentKind = 'dial' | 'micrometer' | 'moisture' | 'boiling' | 'infrared' | 'force';

export type InstrumentSpec = {
  label: string;
  quantity: Quantity;
  unit: Unit | '%';
  /** Smallest step it shows, and how far it reads. */
  resolution: number;
  low: number;
  high: number;
  /** Time constant of its settling, ms, and the scatter of one reading (standard deviation), in its unit. */
  settlingMs: number;
  noise: number;
};

/** The instruments that ship as stand-ins. Steps and scatter are those of ordinary workshop gauges; common practice, no source. */
export const INSTRUMENTS: Record<InstrumentKind, InstrumentSpec> = {
  dial: {
    label: 'Dial indicator',
    quantity: 'displacement',
    unit: 'mm',
    resolution: 0.001,
    low: -6,
    high: 6,
    settlingMs: 120,
    noise: 0.0012,
  },
  micrometer: {
    label: 'Micrometer',
    quantity: 'thickness',
    unit: 'mm',
    resolution: 0.001,
    low: 0,
    high: 50,
    settlingMs: 90,
    noise: 0.0015,
  },
  moisture: {
    label: 'Moisture tester',
    quantity: 'moisture',
    unit: '%',
    resolution: 0.1,
    low: 0,
    high: 10,
    settlingMs: 900,
    noise: 0.04,
  },
  boiling: {
    label: 'Boiling point tester',
    quantity: 'boiling',
    unit: '°C',
    resolution: 1,
    low: 90,
    high: 320,
    settlingMs: 1600,
    noise: 0.8,
  },
  infrared: {
    label: 'Infrared thermometer',
    quantity: 'temperature',
    unit: '°C',
    resolution: 1,
    low: -30,
    high: 900,
    settlingMs: 150,
    noise: 1.5,
  },
  force: {
    label: 'Pedal force gauge',
    quantity: 'force',
    unit: 'N',
    resolution: 1,
    low: 0,
    high: 1500,
    settlingMs: 250,
    noise: 2,
  },
};

export const INSTRUMENT_KINDS = Object.keys(INSTRUMENTS) as InstrumentKind[];

/** The instrument that reads a quantity. */
export function instrumentFor(quantity: Quantity): InstrumentKind {
  return INSTRUMENT_KINDS.find((kind) => INSTRUMENTS[kind].quantity === quantity)!;
}
