import { toItsEnd } from '../../base/sentence';
import { type CarEvent, dayWhen, sessionsBy } from '../wear/sessions';
import { type Driven, dueByDistance } from './distance';

/** Why a repair is temporary, what limits it beside a day, and what replaces it. */
export type Temporary = {
  why: string;
  successor: string;
  sessions: number | null;
  km: number | null;
};

/** What a temporary repair may be good for. */
export const TEMPORARY_RANGES = { sessions: [0.5, 200], km: [1, 100_000] } as const;

/** A temporary repair as it stands on file. */
export type TemporaryRepair = Temporary & { dueOn: string | null; madeOn: string };

/**
 * When a temporary repair has to be replaced: by its day, its sessions or its distance, whichever is first.
 * @param events the car's days on track, run and to come
 * @param driven how far it went on it, where the odometer was read
 */
export function repairDue(
  { dueOn, madeOn, sessions, km, why, successor }: TemporaryRepair,
  events: readonly CarEvent[],
  today: string,
  driven?: Driven,
): { dueOn: string | null; why: string } {
  const since = events.filter((event) => event.onDate > madeOn);
  const run = sessionsBy(since, today);
  const days = [
    dueOn,
    // The event on which its last session is run: it is replaced before that one is over.
    sessions === null ? null : (dayWhen(since, (ran) => ran >= sessions) ?? null),
    km === null ? null : (dueByDistance(madeOn, km, driven) ?? null),
  ].filter((day) => day !== null);
  const counts = [
    ...(sessions === null ? [] : [`${run} of ${sessions} sessions run`]),
    ...(km === null
      ? []
      : [
          driven
            ? `${Math.max(0, Math.round(driven.lastKm - driven.fromKm))} of ${km} km driven`
            : `good for ${km} km, the odometer not read since`,
        ]),
  ];
  return {
    dueOn: days.sort()[0] ?? null,
    why: [
      `Temporary since ${madeOn}: ${why}`,
      ...(counts.length > 0 ? [counts.join(', ')] : []),
      `Then: ${successor}`,
    ]
      .map(toItsEnd)
      .join(' '),
  };
}
