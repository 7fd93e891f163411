import { boreAreaMm2 } from '../../car/hydraulics/bore';

/** What moves a rotor against its caliper, as it is told. */
export const GAP_PARTS = {
  bearing: 'Bearing play',
  wobble: 'Rotor wobble',
  flex: 'Hub flex',
} as const;

export type GapPart = keyof typeof GAP_PARTS;

/** What a seal pulls a piston back by itself, and so what it also lets it follow, mm a side (model: seals differ). */
export const SEAL_MM = 0.12;
/** How far a spring behind a piston still pushes it after the pad, mm a side (model: its free length decides). */
export const SPRING_REACH_MM = 0.8;

export type GapInput = {
  /** What each part moves the rotor by, where it was measured, mm: play at the rotor's radius, peak to peak, under a bar. */
  parts: Partial<Record<GapPart, number>>;
  springs: boolean;
  /** All pistons of one side of one caliper, mm². */
  sideAreaMm2?: number;
  boreMm?: number | null;
  pedalRatio?: number | null;
};

/** The gap that opens at a corner, what takes it back, what is left of it, and what that costs at the pedal. */
export type PadGap = {
  /** All that was measured, largest first, mm both sides together. */
  parts: { part: GapPart; mm: number }[];
  openMm: number;
  takenBackMm: number;
  leftMm: number;
  /** Pedal travel to take up what is left at this corner, mm; not known without bore, ratio and pistons. */
  pedalMm?: number;
};

/**
 * What wobble, play and flex push the pads apart by at one corner. Each moves the rotor one way and the other, so what it
 * moves by opens once, inner and outer pad together; they add up at worst (model). Travel is ratio · A_side · gap / A_master.
 */
export function padGap({ parts, springs, sideAreaMm2, boreMm, pedalRatio }: GapInput): PadGap {
  const known = (Object.keys(GAP_PARTS) as GapPart[])
    .flatMap((part) => (parts[part] === undefined ? [] : [{ part, mm: parts[part] }]))
    .sort((left, right) => right.mm - left.mm);
  const openMm = known.reduce((sum, { mm }) => sum + mm, 0);
  const takenBackMm = Math.min(openMm, 2 * (SEAL_MM + (springs ? SPRING_REACH_MM : 0)));
  const leftMm = openMm - takenBackMm;
  return {
    parts: known,
    openMm,
    takenBackMm,
    leftMm,
    ...(sideAreaMm2 && boreMm && pedalRatio
      ? { pedalMm: (pedalRatio * sideAreaMm2 * leftMm) / boreAreaMm2(boreMm) }
      : {}),
  };
}

/**
 * What is cured before springs are thought of: the largest part of a gap that the seals do not take back by themselves.
 * @returns nothing where the seals take all of it, or where nothing was measured
 */
export function causeFirst({ parts, openMm }: PadGap): GapPart | undefined {
  return openMm > 2 * SEAL_MM ? parts[0]?.part : undefined;
}

/** What is done about each part before springs. Common practice, no source. */
export const CAUSE_FIRST: Record<GapPart, string> = {
  bearing: 'Bearing first: set or renewed.',
  wobble: 'Wobble first: hub face clean, rotor turned on its studs or renewed.',
  flex: 'Stiffen first: hub, bearing span and upright. Springs only follow what still bends.',
};
