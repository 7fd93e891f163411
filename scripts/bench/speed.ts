import bayes from 'bayesjs';
import { diagnose } from '../../core/diagnosis/diagnose';
import { posteriorOf } from '../../core/diagnosis/engine/posterior';
import type { Problem } from '../../core/diagnosis/engine/problem';
import { buildNetwork } from '../../core/diagnosis/network/build';
import { faultsOf } from '../../core/diagnosis/network/faults';
import { judge } from '../../core/job/judgement';
import { questionOfJob } from '../../core/job/question';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding } from '../../core/readings/vocabulary/findings';
import { isAbnormal } from '../../core/readings/vocabulary/several';
import { asBayesNetwork } from '../../tests/support/bayes';
import { broughtAbout, drawAnswer, drawWholeCar, seeded } from '../../tests/support/drawn';
import { measuredCar } from '../../tests/support/sheet';
import { COUPE } from '../../tests/support/told';
import { middle } from './spread';

const GIVEN = 25;
const CASES = 40;
/** Rounds of all cases before any is timed: the compiler of this machine is still at work through the first ten. */
const WARMING = 20;
/** The library is given up on once one marginal takes this long, ms. */
const PATIENCE_MS = 4000;

const ROUNDS = 15;

/**
 * Cases of 25 findings drawn from the knowledge: a full verdict with its next checks, warm, of all rounds and of the quietest. Where
 * a machine is shared, only that one says what it takes when nobody else is at it.
 */
export function fullVerdictTimes(): { all: number[]; quietest: number[] } {
  const random = seeded(25);
  const cases = Array.from({ length: CASES }, () => drawnCase(random));
  for (let round = 0; round < WARMING; round++)
    for (const findings of cases) diagnose({ car: COUPE, findings });
  const rounds = Array.from({ length: ROUNDS }, () =>
    cases.map((findings) => {
      const started = performance.now();
      diagnose({ car: COUPE, findings });
      return performance.now() - started;
    }),
  );
  const quietest = rounds.reduce((best, round) => (middle(round) < middle(best) ? round : best));
  return { all: rounds.flat(), quietest };
}

function drawnCase(random: () => number): GivenFinding[] {
  const faults = faultsOf(COUPE);
  const roots = faults.filter(({ cause, above }) => cause !== undefined && above < 0);
  const fault = roots[Math.floor(random() * roots.length)]!;
  const present = broughtAbout(faults, [fault], random);
  const all = [...(FINDINGS as readonly Finding[])].sort(() => random() - 0.5).slice(0, GIVEN);
  return all.map(({ id, place }) =>
    drawAnswer(faults, present, id, place === 'corner' ? (fault.corner ?? 'FL') : undefined, random),
  );
}

/** Rounds in turns, so that whatever else the machine does falls on both alike. */
const TURNS = 900;

/** A full judgement of a job with 13 readings, none of them judged before, and the diagnosis alone of the same, ms each. */
export function judgedBesideDiagnosed(): { judged: number[]; diagnosed: number[] } {
  const sheet = measuredCar();
  const judged: number[] = [];
  const diagnosed: number[] = [];
  const timed = (times: number[], work: () => unknown) => {
    const started = performance.now();
    work();
    times.push(performance.now() - started);
  };
  for (let turn = 0; turn < TURNS; turn++) {
    const question = structuredClone(questionOfJob(sheet));
    const fresh = structuredClone(sheet);
    timed(diagnosed, () => diagnose(question));
    timed(judged, () => judge(fresh));
  }
  const warm = (times: readonly number[]) => times.slice(TURNS / 3);
  return { judged: warm(judged), diagnosed: warm(diagnosed) };
}

/** Cars with so many faults at once are looked at, and everything on them is asked. */
const MANY = [4, 4, 4, 4, 5, 5, 5, 5, 6, 6, 6, 6, 7, 7, 7, 7, 8, 8, 8, 8];

/** Verdicts past the exact sum: how many abnormal answers, how far at most from the exact chances, and how long it takes. */
export function pastExact(): { abnormal: number; within: number; ms: number }[] {
  const random = seeded(21);
  const cars = MANY.map((count) => drawWholeCar(COUPE, count, random));
  return cars.flatMap((findings) => {
    const started = performance.now();
    const { within, exact } = diagnose({ car: COUPE, findings });
    const ms = performance.now() - started;
    const abnormal = findings.filter(({ id, state }) => isAbnormal(id, state)).length;
    return exact ? [] : [{ abnormal, within: within!, ms }];
  });
}

/** The same sub-network of this knowledge for an independent library, larger and larger, until it takes too long. */
export function besideLibrary(): string[] {
  const random = seeded(9);
  const findings = drawnCase(random).slice(0, 10);
  const { faults, observations } = buildNetwork(COUPE, findings);
  const lines: string[] = [];
  for (let count = 4; count <= faults.length; count += 2) {
    const chosen = new Map(
      [...new Set(observations.flatMap((each) => each.parents.map((parent) => parent.fault)))]
        .slice(0, count)
        .map((fault, index) => [fault, index]),
    );
    const problem: Problem = {
      priors: Float64Array.from([...chosen.keys()].map((fault) => faults[fault]!.prior)),
      above: Int32Array.from([...chosen.keys()].map((fault) => chosen.get(faults[fault]!.above) ?? -1)),
      places: new Uint8Array(chosen.size),
      groups: [...chosen.values()].map((index) => [index]),
      answers: observations.map(({ level, leak, parents }) => ({
        level,
        leak,
        parents: parents.flatMap(({ fault, cumulative }) =>
          chosen.has(fault) ? [{ fault: chosen.get(fault)!, cumulative }] : [],
        ),
      })),
    };
    const network = asBayesNetwork(problem);
    const given = Object.fromEntries(
      problem.answers.map((answer, index) => [`answer${index}`, `${answer.level}`]),
    );
    const started = performance.now();
    const theirs = bayes.infer(network as never, { fault0: 'T' }, given);
    const library = performance.now() - started;
    const ownStarted = performance.now();
    const ours = posteriorOf(problem).faults[0]!;
    const own = performance.now() - ownStarted;
    lines.push(
      `${chosen.size} causes, ${problem.answers.length} answers: bayesjs one marginal ${library.toFixed(0)} ms, this engine all of them ${own.toFixed(2)} ms, apart by ${Math.abs(theirs - ours).toExponential(1)}`,
    );
    if (library > PATIENCE_MS || chosen.size < count) break;
  }
  return lines.slice(-2);
}
