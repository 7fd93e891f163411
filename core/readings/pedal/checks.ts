import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';

const { freePlayLeastMm, freePlayMostMm, masterMoveMm, sinkMm, vacuumKPa } = LIMIT_SPECS;

export const pedalSchema = z
  .strictObject({
    freePlayMm: within(0, 100, 'mm').optional(),
    /** The hold: what the foot held, for how long, and how far the pedal sank in it. */
    held: z
      .strictObject({
        forceN: within(10, 2000, 'N').optional(),
        seconds: within(1, 600, 's'),
        sankMm: within(0, 200, 'mm'),
      })
      .optional(),
    masterMovementMm: within(0, 30, 'mm').optional(),
    pedalRatio: within(1, 12, '').optional(),
    vacuumKPa: within(0, 105, 'kPa').optional(),
    limits: z
      .strictObject({
        freePlayLeastMm: within(0, 20, 'mm').optional(),
        freePlayMostMm: within(1, 60, 'mm').optional(),
        masterMoveMm: within(0.1, 10, 'mm').optional(),
        sinkMm: within(0.5, 30, 'mm').optional(),
        vacuumKPa: within(20, 95, 'kPa').optional(),
      })
      .optional(),
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
