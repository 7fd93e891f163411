import { z } from 'zod';
import { within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { CAR_FIGURES } from '../../car/figures';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';
import { limitsSchema } from '../../car/limits/schema';
import { PEDAL_RANGES } from './ranges';

const { freePlayLeastMm, freePlayMostMm, masterMoveMm, sinkMm, vacuumKPa } = LIMIT_SPECS;

export const pedalSchema = z
  .strictObject({
    freePlayMm: within(...PEDAL_RANGES.freePlayMm, 'mm').optional(),
    /** The hold: what the foot held, for how long, and how far the pedal sank in it. */
    held: z
      .strictObject({
        forceN: within(...PEDAL_RANGES.heldForceN, 'N').optional(),
        seconds: within(...PEDAL_RANGES.heldS, 's'),
        sankMm: within(...PEDAL_RANGES.sankMm, 'mm'),
      })
      .optional(),
    masterMovementMm: within(...PEDAL_RANGES.masterMovementMm, 'mm').optional(),
    pedalRatio: figureSchema(CAR_FIGURES.pedalRatio).optional(),
    vacuumKPa: within(...PEDAL_RANGES.vacuumKPa, 'kPa').optional(),
    limits: limitsSchema(
      ...(['freePlayLeastMm', 'freePlayMostMm', 'masterMoveMm', 'sinkMm', 'vacuumKPa'] as const),
    ).optional(),
  })
  .refine(
    ({ freePlayMm, held, masterMovementMm, vacuumKPa: vacuum }) =>
      [freePlayMm, held, masterMovementMm, vacuum].some((each) => each !== undefined),
    { path: ['freePlayMm'], message: 'at least one of freePlayMm, held, masterMovementMm, vacuumKPa' },
  );

export type PedalInput = z.infer<typeof pedalSchema>;

/** A hold says something from this long on, s; common practice. */
const LEAST_HOLD_S = 20;

/**
 * What a rule, a clock and a gauge at the pedal say: free play, the hold, how far the master walks, vacuum at the booster.
 * The master's movement is what the pedal moves for nothing, times the ratio (docs/sources.md).
 */
export function readPedal(input: PedalInput) {
  const { freePlayMm, held, masterMovementMm, pedalRatio } = input;
  const limits: Limit[] = [];
  const limit = (name: keyof NonNullable<PedalInput['limits']>, usual: number) => {
    const own = input.limits?.[name];
    limits.push({ name, value: own ?? usual, from: own === undefined ? 'practice' : 'shop' });
    return own ?? usual;
  };
  const states: Record<string, string> = {};
  const gaps: Gap[] = [];
  if (freePlayMm !== undefined) {
    const least = limit('freePlayLeastMm', freePlayLeastMm.usual);
    const most = limit('freePlayMostMm', freePlayMostMm.usual);
    states.pedal_free_play = fallsShort(freePlayMm, least)
      ? 'none'
      : exceeds(freePlayMm, most)
        ? 'excess'
        : 'in_range';
  }
  if (held) {
    const sunk = exceeds(held.sankMm, limit('sinkMm', sinkMm.usual));
    if (sunk || held.seconds >= LEAST_HOLD_S) states.pedal_hold = sunk ? 'sinks' : 'holds';
    else gaps.push({ path: 'held.seconds', why: `a hold under ${LEAST_HOLD_S} s proves nothing` });
  }
  if (masterMovementMm !== undefined) {
    states.master_movement = exceeds(masterMovementMm, limit('masterMoveMm', masterMoveMm.usual))
      ? 'moves'
      : 'still';
    if (pedalRatio === undefined)
      gaps.push({
        path: 'pedalRatio',
        why: 'without the pedal ratio nothing is known of what it costs at the pedal',
      });
  }
  if (input.vacuumKPa !== undefined)
    states.assist_vacuum = fallsShort(input.vacuumKPa, limit('vacuumKPa', vacuumKPa.usual)) ? 'low' : 'ok';
  return {
    ...(masterMovementMm === undefined || pedalRatio === undefined
      ? {}
      : { masterAtPedalMm: masterMovementMm * pedalRatio }),
    states,
    limits,
    gaps,
  };
}
