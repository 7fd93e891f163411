import type { CauseId } from '../../core/diagnosis/causes';
import { partsMinutes } from '../../core/diagnosis/decision/stakes';
import { diagnose } from '../../core/diagnosis/diagnose';
import { minutesFor } from '../../core/diagnosis/hand';
import type { Fault } from '../../core/diagnosis/network/faults';
import type { Verdict } from '../../core/diagnosis/verdict';
import { WORKS } from '../../core/planning/works';
import type { GivenFinding } from '../../core/readings/given';
import { familyOf } from '../../core/readings/vocabulary/families';
import { findingOf } from '../../core/readings/vocabulary/findings';
import { seeded, seededFor } from '../../tests/support/drawn';
import type { Look } from './looks';
import { CAR, type World } from './world';

/** With this much gone the car goes home unmended. */
const GIVEN_UP = 600;
/** One complaint in so many is forgotten. */
const FORGOTTEN = 20;
/** So often a driver goes out again before there is nothing to complain of. */
const DRIVES = 20;
/** What is left of a cause once its work is done. */
const RULED_OUT = 1e-6;

/** A work with the chance that any of the causes it is for is there. */
export type WorkOpen = { work: string; minutes: number; chance: number };
export type Policy = {
  /** What to ask or look at next; nothing when it is time to begin a work. */
  look: (verdict: Verdict, findings: readonly GivenFinding[]) => Look | undefined;
  /** How much speaks for beginning with a work. */
  begin: (work: WorkOpen) => number;
};

/** A car that is complained of: what is wrong with it, and what came of what. */
export type Complaint = {
  world: World;
  roots: readonly Fault[];
  present: ReadonlySet<number>;
  seed: number;
};

/** Minutes from complaint to cure; parts bought for nothing, told in minutes; the roots' best place among the causes as it stood after each check. */
export type Ran = {
  minutes: number;
  looks: number;
  wrong: number;
  parts: number;
  checks: number;
  ranks: number[];
  cured: boolean;
};

/** A car on its way from complaint to cure. */
type Car = Complaint & {
  /** What the driver says of it now, asked or not. */
  experience: readonly GivenFinding[];
  findings: GivenFinding[];
  /** How often something was put right. */
  round: number;
  ruledOut: Map<CauseId, number>;
  done: Set<string>;
  wheelsOff: boolean;
};

/** Minutes of the works for everything that is wrong, each once: nobody puts it right in less. */
export function neededMinutes({ world, present }: Complaint): number {
  const works = [...present].flatMap((fault) => {
    const { cause } = world.faults[fault]!;
    return cause ? [WORKS[cause]] : [];
  });
  const each = new Map(works.map(({ work, minutes }) => [work, minutes]));
  return [...each.values()].reduce((sum, minutes) => sum + minutes, 0);
}

/** What a driver complains of, and would say when asked; nothing when nothing that is wrong is felt. */
export function complaintOf(
  { world, present }: Pick<Complaint, 'world' | 'present'>,
  random: () => number,
): { experience: GivenFinding[]; told: GivenFinding[] } | undefined {
  for (let drive = 0; drive < DRIVES; drive++) {
    const experience = world.experience(present, random);
    const told = experience.filter(
      ({ id, state }) => state !== findingOf(id).states[0] && random() > 1 / FORGOTTEN,
    );
    if (told.some((each) => familyOf(each.id) && world.canShow(present, each))) return { experience, told };
  }
  return undefined;
}

/** Checks and works, one after the other as the policy says, until nothing that is wrong is felt. */
export function cure(complaint: Complaint, policy: Policy): Ran {
  const { experience, told } = complaintOf(complaint, seeded(complaint.seed))!;
  const car: Car = {
    ...complaint,
    ...{ experience, findings: told, round: 0, ruledOut: new Map(), done: new Set(), wheelsOff: false },
  };
  const ran: Ran = { minutes: 0, looks: 0, wrong: 0, parts: 0, checks: 0, ranks: [], cured: false };
  while (ran.minutes < GIVEN_UP && !ran.cured) {
    const { findings, ruledOut, wheelsOff } = car;
    const priors = Object.fromEntries(ruledOut);
    const verdict = diagnose({ car: CAR, findings, works: WORKS, priors, atHand: { wheelsOff } });
    const order = verdict.causes.map(({ id }) => id);
    ran.ranks[ran.checks] ??= Math.min(...car.roots.map(({ cause }) => order.indexOf(cause!)));
    const next = policy.look(verdict, findings);
    if (next) look(car, ran, next);
    else repair(car, ran, workToBegin(verdict, car.done, policy));
  }
  return ran;
}

function look(car: Car, ran: Ran, { id, corner }: Look): void {
  const { stage, where } = findingOf(id);
  const minutes = minutesFor(findingOf(id), { wheelsOff: car.wheelsOff })!;
  car.wheelsOff ||= where === 'wheels_off';
  ran.minutes += minutes;
  ran.looks += minutes;
  ran.checks += stage === 'check' ? 1 : 0;
  const said = corner ? undefined : car.experience.find((each) => each.id === id);
  // The same look shows the same whatever came before it, so that policies differ by their choices alone.
  const random = seededFor(car.seed, `${car.round} ${id} ${corner ?? ''}`);
  car.findings.push(said ?? car.world.answer(car.present, id, corner, random, car.findings));
}

function repair(car: Car, ran: Ran, { work, minutes, causes }: Begun): void {
  ran.minutes += minutes;
  car.done.add(work);
  for (const cause of causes) car.ruledOut.set(cause, RULED_OUT);
  const mended = new Set(
    [...car.present].filter((fault) => causes.includes(car.world.faults[fault]!.cause!)),
  );
  if (mended.size === 0) {
    ran.wrong += minutes;
    ran.parts += Math.max(...causes.map(partsMinutes));
    return;
  }
  // Something was put right: it shows no more, and the driver goes out again.
  car.round += 1;
  car.present = new Set([...car.present].filter((fault) => !mended.has(fault)));
  const left = complaintOf(car, seeded(car.seed + car.round));
  ran.cured = left === undefined;
  if (left === undefined) return;
  car.experience = left.experience;
  car.findings = [
    ...left.told,
    ...car.findings.filter(
      (each) => findingOf(each.id).stage !== 'complaint' && !car.world.canShow(mended, each),
    ),
  ];
}

type Begun = WorkOpen & { causes: CauseId[] };

/** The work that most speaks for, with the causes it puts right. */
function workToBegin({ causes }: Verdict, done: ReadonlySet<string>, policy: Policy): Begun {
  const works = new Map<string, Begun>();
  for (const { id, probability } of causes) {
    const { work, minutes } = WORKS[id];
    if (done.has(work)) continue;
    const before = works.get(work) ?? { work, minutes, chance: 0, causes: [] };
    works.set(work, {
      ...before,
      chance: before.chance + probability,
      causes: [...before.causes, id],
    });
  }
  return [...works.values()].reduce((best, each) => (policy.begin(each) > policy.begin(best) ? each : best));
}
