import { CORNERS, type Corner } from '../car/corner';
import { type Forecast, type ForecastDesk, forecast } from './engine/information';
import type { GivenFinding } from './given';
import { type AtHand, minutesFor } from './hand';
import { channelsOf } from './network/channels';
import type { Fault } from './network/faults';
import { questionOf } from './network/parents';
import type { CheckOutcome, NextCheck } from './verdict';
import type { CauseId } from './vocabulary/causes';
import { FINDINGS, type Finding } from './vocabulary/findings';

export type CheckContext = {
  faults: readonly Fault[];
  findings: readonly GivenFinding[];
  desk: ForecastDesk;
  /** The causes the desk watches: what each check would do to them is foretold. */
  leaders: readonly CauseId[];
  atHand?: AtHand;
  /** Corners of which nothing is known to tell them apart have one key: what holds of one holds of the others. */
  cornerKeys: Record<Corner, string>;
};

/** Keys of the corners, by the faults each can have and how likely they have become. */
export function cornerKeysOf(faults: readonly Fault[], marginals: Float64Array): Record<Corner, string> {
  const keys: Record<Corner, string> = { FL: '', FR: '', RL: '', RR: '' };
  faults.forEach(({ cause, corner }, index) => {
    if (corner) keys[corner] += `${cause} ${marginals[index]!.toPrecision(9)} `;
  });
  return keys;
}

/** Less than this tells nothing worth a walk round the car, bits. */
const LEAST_BITS = 1e-4;

/** A corner is named only when it tells clearly more than the others do. */
const CORNER_STANDS_OUT = 1.15;

/** Every unanswered finding of these stages, by expected information per minute. */
export function rankChecks(context: CheckContext, stages: readonly Finding['stage'][]): NextCheck[] {
  return (FINDINGS as readonly Finding[])
    .filter((finding) => stages.includes(finding.stage))
    .flatMap((finding): NextCheck[] => {
      const minutes = minutesFor(finding, context.atHand);
      if (minutes === undefined || answeredForCar(finding, context.findings)) return [];
      const check =
        finding.place === 'corner' ? bestCorner(finding, context) : forecastAt(finding, undefined, context);
      return check && check.bits > LEAST_BITS ? [{ id: finding.id, ...check, minutes }] : [];
    })
    .sort((left, right) => right.bits / right.minutes - left.bits / left.minutes);
}

type Told = Pick<NextCheck, 'bits' | 'outcomes' | 'corner'>;

function answeredForCar(finding: Finding, findings: readonly GivenFinding[]): boolean {
  return findings.some((given) => given.id === finding.id && given.place === undefined);
}

function bestCorner(finding: Finding, context: CheckContext): Told | undefined {
  const open = CORNERS.filter(
    (corner) => !context.findings.some((given) => given.id === finding.id && given.place === corner),
  );
  const alike = new Map<string, Told | undefined>();
  const told = open.flatMap((corner) => {
    const key = context.cornerKeys[corner];
    if (!alike.has(key)) alike.set(key, forecastAt(finding, corner, context));
    const at = alike.get(key);
    return at ? [{ ...at, corner }] : [];
  });
  if (told.length === 0) return undefined;
  const best = told.reduce((left, right) => (right.bits > left.bits ? right : left));
  const least = Math.min(...told.map((each) => each.bits));
  const standsOut = told.length === 1 || best.bits > least * CORNER_STANDS_OUT;
  return standsOut ? best : { bits: best.bits, outcomes: best.outcomes };
}

function forecastAt(finding: Finding, corner: Corner | undefined, context: CheckContext): Told | undefined {
  const channels = channelsOf(finding.id)
    .map((channel) => ({ channel, question: questionOf(channel, corner, context.faults) }))
    .filter(({ question }) => question.parents.length > 0);
  if (channels.length === 0) return undefined;
  const told = channels.map(({ channel, question }) => ({
    channel,
    told: forecast(question, context.desk),
  }));
  return {
    bits: told.reduce((sum, each) => sum + each.told.bits, 0),
    outcomes: told.flatMap((each, index) => outcomesOf(each.channel.states, each.told, context, index > 0)),
  };
}

function outcomesOf(
  states: readonly string[],
  told: Forecast,
  context: CheckContext,
  withoutNormal: boolean,
): CheckOutcome[] {
  return states.flatMap((state, level) => {
    const chance = told.levels[level]!;
    if ((withoutNormal && level === 0) || chance < 1e-4 || context.leaders.length === 0) return [];
    const after = told.after[level]!;
    const lead = after.reduce((best, value, index) => (value > after[best]! ? index : best), 0);
    return [{ state, chance, leader: context.leaders[lead]!, leaderProbability: after[lead]! }];
  });
}
