import type { GivenFinding } from '../../readings/given';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import type { Matter } from '../engine/information';
import { kept } from '../kept';
import type { CauseVerdict } from '../verdict';
import { DECISIONS } from './works';

/** What is done about each cause and how long it takes, from the library of procedures. */
export type Works = Readonly<Record<CauseId, { work: string; minutes: number }>>;

/** What is lost, in minutes, when a work is done for nothing or left undone: its time, its parts, the harm. */
export type Stake = { work: string; minutes: number };

/** By check, the chance that the work which is needed begins with it. */
export type Begun = Partial<Record<FindingId, number>>;

/** What parts cost, told in minutes of a shop's time. Common practice, no source. */
const PARTS_MINUTES = { none: 0, fluid: 10, small: 20, pads: 40, major: 120 } as const;

/** Without a library at hand every work takes as long, minutes. */
const PLAIN_WORK = 45;

/** Nobody begins a bigger job without looking once more: this much of it is lost at most, minutes. */
const MOST_STAKED = 120;

/** What it is worth not to let a car go with a fault that can hurt somebody, minutes (a modelling choice). */
const HARM = 60;

/**
 * What it is worth to know which of two causes it is that the same work puts right: what else is to be done depends on
 * it, and whether it comes back; minutes (a modelling choice).
 */
const TELLING_APART = 30;

/** Faults that a car must not leave with. */
const HARMFUL: ReadonlySet<CauseId> = new Set<CauseId>([
  'external_leak',
  'master_bypass',
  'master_leak_to_booster',
  'fluid_boiled_wet',
  'fluid_boiled_heat',
  'fluid_wrong',
  'pad_worn_out',
  'pad_contaminated',
  'lining_separated',
  'rotor_cracked',
  'rotor_below_minimum',
  'shoes_worn',
  'wheel_bearing_play',
  'wheel_loose',
  'caliper_loose',
  'suspension_play',
  'pedal_pivot_play',
  'pressure_trapped',
]);

/** What the parts for a cause cost, told in minutes. */
export const partsMinutes = (cause: CauseId): number => PARTS_MINUTES[DECISIONS[cause].parts];

/**
 * How likely the work begins with each check, which is then done already: its time is not lost, whatever it shows. One that was
 * begun has found what it was for.
 */
export function begunWith(
  causes: readonly Pick<CauseVerdict, 'id' | 'probability'>[],
  findings: readonly GivenFinding[],
): Begun {
  const begun: Begun = {};
  for (const { id, probability } of causes) {
    const { begins } = DECISIONS[id];
    if (begins && !findings.some((finding) => finding.id === begins))
      begun[begins] = (begun[begins] ?? 0) + probability;
  }
  return begun;
}

/** What hangs on whether a cause is there. */
export function stakeOf(cause: CauseId, works?: Works): Stake {
  const { work, minutes } = works?.[cause] ?? { work: cause, minutes: PLAIN_WORK };
  const whole = minutes + partsMinutes(cause);
  return { work, minutes: Math.min(whole, MOST_STAKED) + (HARMFUL.has(cause) ? HARM : 0) };
}

/** What hangs on each work, and on which of the causes it is for that is there. */
export function mattersOf(
  causes: ReadonlyMap<CauseId, readonly number[]>,
  works: Works | undefined,
): Matter[] {
  const byWork = new Map<string, { faults: number[]; causes: (readonly number[])[]; minutes: number }>();
  for (const [cause, members] of causes) {
    const { work, minutes } = stakeOf(cause, works);
    const shared = kept(byWork, work, () => ({ faults: [], causes: [], minutes: 0 }));
    shared.faults.push(...members);
    shared.causes.push(members);
    shared.minutes = Math.max(minutes, shared.minutes);
  }
  const matters: Matter[] = [];
  for (const { faults: all, causes: each, minutes } of byWork.values()) {
    matters.push({ faults: all, minutes });
    if (each.length > 1) for (const faults of each) matters.push({ faults, minutes: TELLING_APART });
  }
  return matters;
}
