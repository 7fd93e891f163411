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
  const answered = new Set(context.findings.map(({ id, place }) => `${id} ${place ?? ''}`));
  return (FINDINGS as readonly Finding[])
    .filter((finding) => stages.includes(finding.stage))
    .flatMap((finding): NextCheck[] => {
      const minutes = minutesFor(finding, context.atHand);
      if (minutes === undefined || answered.has(`${finding.id} `)) return [];
      const check =
        finding.place === 'corner'
          ? bestCorner(finding, context, answered)
          : forecastAt(finding, undefined, context);
      return check && check.bits > LEAST_BITS ? [{ id: finding.id, ...check, minutes }] : [];
    })
    .sort((left, right) => right.bits / right.minutes - left.bits / left.minutes);
}

type Told = Pick<NextCheck, 'bits' | 'outcomes' | 'corner'>;

function bestCorner(
  finding: Finding,
  context: CheckContext,
  answered: ReadonlySet<string>,
): Told | undefined {
  const open = CORNERS.filter((corner) => !answered.has(`${finding.id} ${corner}`));
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
  const outcomes: CheckOutcome[] = [];
  let bits = 0;
  let asked = 0;
  for (const channel of channelsOf(finding.id)) {
    const question = questionOf(channel, corner, context.faults);
    if (question.parents.length === 0) continue;
    const told = forecast(question, context.desk);
    bits += told.bits;
    addOutcomes(outcomes, channel.states, told, context, asked > 0);
    asked += 1;
  }
  return asked === 0 ? undefined : { bits, outcomes };
}

/** What each answer would make of the leaders; answers that hardly ever come are left out. */
function addOutcomes(
  outcomes: CheckOutcome[],
  states: readonly string[],
  told: Forecast,
  { leaders }: CheckContext,
  withoutNormal: boolean,
): void {
  if (leaders.length === 0) return;
  for (let level = withoutNormal ? 1 : 0; level < states.length; level++) {
    const chance = told.levels[level]!;
    if (chance < 1e-4) continue;
    const after = told.after[level]!;
    let lead = 0;
    for (let index = 1; index < after.length; index++) if (after[index]! > after[lead]!) lead = index;
    outcomes.push({ state: states[level]!, chance, leader: leaders[lead]!, leaderProbability: after[lead]! });
  }
}
