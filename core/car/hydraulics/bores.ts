import { boreAreaMm2 } from './bore';
import { hydraulics } from './hydraulics';
import type { HydraulicsInput } from './schema';

/** Master bores that are made, mm: five eighths of an inch to one and an eighth, by sixteenths (common sizes, no source). */
const BORES_MM = [15.875, 17.4625, 19.05, 20.6375, 22.225, 23.8125, 25.4, 28.575] as const;

export type BoreChoice = {
  boreMm: number;
  /** Pedal force for the wanted deceleration, N; undefined where no foot reaches it. */
  forceN?: number;
  /** Pedal travel that a millilitre more of take-up costs, mm. */
  mmPerMl: number;
};

/** The same car with each master bore that is made: what it asks of the foot, and what a millilitre costs in travel. */
export function boreChoices(input: HydraulicsInput): BoreChoice[] {
  return BORES_MM.map((boreMm) => ({
    boreMm,
    forceN: hydraulics({ ...input, master: { boreMm } }).pedalForceN,
    mmPerMl: (1000 * input.pedal.ratio) / boreAreaMm2(boreMm),
  }));
}
