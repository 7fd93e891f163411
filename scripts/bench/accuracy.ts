import { CORNERS, type Corner } from '../../core/car/corner';
import type { CauseId } from '../../core/diagnosis/causes';
import { diagnose } from '../../core/diagnosis/diagnose';
import { minutesFor } from '../../core/diagnosis/hand';
import type { Fault } from '../../core/diagnosis/network/faults';
import type { NextCheck, Verdict } from '../../core/diagnosis/verdict';
import { WORKS } from '../../core/planning/works';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding, type FindingId, findingOf } from '../../core/readings/vocabulary/findings';
import { seeded } from '../../tests/support/drawn';
import { CAR, perturbedWorld, type World } from './world';

/** Complaints of two causes at once, beside one of each cause. */
const PAIRS = 40;
const AFTER = [0, 3, 6, 10];
/** Without a measure of what a check is worth, a work is begun at this chance of its cause. */
const BEGIN = 0.7;
/** A check has to save this much for each minute it costs. */
const PAYS = 0.3;
/** With this much gone the car goes home unmended. */
const GIVEN_UP = 600;
const WHEELS_OFF = 12;

type Look = { id: FindingId; corner?: Corner };
/** What to look at next; nothing when it is time to begin the work. */
type Policy = {
  look: (verdict: Verdict, findings: readonly GivenFinding[]) => Look | undefined;
  /** How much speaks for beginning with a work that puts these right. */
  begin: (chance: number, minutes: number) => number;
};
/** What one complaint took, whether the cause stood in front after so many checks, and in three. */
type Ran = { minutes: number; checks: number; first: boolean[]; three: boolean[]; cured: boolean };

/**
 * From complaint to cure in a world that is off from the tables: the checks, their wheels, and the work, wrong work
 * included, for what is recommended, for information a minute, and for the list from top to bottom.
 */
export function accuracyFigures(): void {
  const policies: [string, () => Policy][] = [
    ['minutes saved a minute', () => bestBy(savedAMinute, ({ worth }) => worth < PAYS, cheapestFirst)],
    ['information a minute', () => bestBy((check) => check.bits / check.minutes, isLikely, likeliest)],
    ['fixed order', fixedOrder],
  ];
  const means = policies.map(([name, policy]) => {
    const runs = cases().map(({ world, roots, seed }) => run(world, roots, policy(), seed));
    const mean = runs.reduce((sum, { minutes }) => sum + minutes, 0) / runs.length;
    const share = (count: number) => `${((100 * count) / runs.length).toFixed(0)} %`;
    const after = AFTER.map(
      (checks, at) =>
        `after ${checks}: ${share(runs.filter(({ first }) => first[at]).length)} first, ${share(runs.filter(({ three }) => three[at]).length)} in three`,
    ).join('; ');
    const checks = runs.reduce((sum, each) => sum + each.checks, 0) / runs.length;
    console.log(
      `complaint to cure, ${name}: ${mean.toFixed(0)} min (${checks.toFixed(1)} checks, ${share(runs.filter(({ cured }) => cured).length)} cured) over ${runs.length} complaints; ${after}`,
    );
    return mean;
  });
  const needed = cases().map(({ roots }) => neededMinutes(roots));
  const floor = needed.reduce((sum, minutes) => sum + minutes, 0) / needed.length;
  console.log(`complaint to cure, the right work alone, known at once: ${floor.toFixed(0)} min`);
  const [own, information, fixed] = means as [number, number, number];
  console.log(
    `complaint to cure: ${((1 - own / information) * 100).toFixed(0)} % below information a minute, ${((1 - own / fixed) * 100).toFixed(0)} % below a fixed order`,
  );
}

/** Minutes of the works that put these right, each once: nobody cures them in less. */
function neededMinutes(roots: readonly Fault[]): number {
  const works = new Map(roots.map(({ cause }) => [WORKS[cause!].work, WORKS[cause!].minutes]));
  return [...works.values()].reduce((sum, minutes) => sum + minutes, 0);
}

/** One complaint of each cause that this car can have, and some of two causes, in three worlds. */
function cases(): { world: World; roots: Fault[]; seed: number }[] {
  const random = seeded(7);
  const worlds = [1, 2, 3].map((seed) => perturbedWorld(seeded(seed)));
  const made: { world: World; roots: Fault[]; seed: number }[] = [];
  const causes = [...new Set(worlds[0]!.roots.map(({ cause }) => cause))];
  for (const cause of causes) {
    const world = worlds[made.length % worlds.length]!;
    const root = world.roots.find((each) => each.cause === cause)!;
    made.push({ world, roots: [root], seed: Math.floor(random() * 1e9) });
  }
  for (let pair = 0; pair < PAIRS; pair++) {
    const world = worlds[pair % worlds.length]!;
    made.push({
      world,
      roots: [drawRoot(world, random), drawRoot(world, random)],
      seed: Math.floor(random() * 1e9),
    });
  }
  return made;
}

function drawRoot(world: World, random: () => number): Fault {
  const whole = world.roots.reduce((sum, root) => sum + world.weightOf(root), 0);
  let left = random() * whole;
  return world.roots.find((root) => {
    left -= world.weightOf(root);
    return left <= 0;
  })!;
}

/** A car on its way from complaint to cure. */
type Car = {
  world: World;
  roots: readonly Fault[];
  seed: number;
  /** What is still wrong, and what it brings about. */
  left: Fault[];
  present: ReadonlySet<number>;
  /** How often something was put right. */
  round: number;
  findings: GivenFinding[];
  ruledOut: Map<CauseId, number>;
  done: Set<string>;
  wheelsOff: boolean;
};

function run(world: World, roots: Fault[], policy: Policy, seed: number): Ran {
  const present = world.present(roots, seeded(seed));
  const findings = complaintOf(world, present, seeded(seed));
  const car: Car = {
    ...{ world, roots, seed, left: roots, present, round: 0, findings },
    ...{ ruledOut: new Map(), done: new Set(), wheelsOff: false },
  };
  const ran: Ran = { minutes: 0, checks: 0, first: [], three: [], cured: false };
  while (ran.minutes < GIVEN_UP && !ran.cured) {
    const { findings, ruledOut, wheelsOff } = car;
    const priors = Object.fromEntries(ruledOut);
    const verdict = diagnose({ car: CAR, findings, works: WORKS, priors, atHand: { wheelsOff } });
    noteRank(ran, verdict, roots);
    const next = policy.look(verdict, findings);
    if (next) look(car, ran, next);
    else repair(car, ran, workToBegin(verdict, car.done, policy));
  }
  return heldOn(ran);
}

/** Notes where the true cause stands, once after so many checks. */
function noteRank(ran: Ran, verdict: Verdict, roots: readonly Fault[]): void {
  const order = verdict.causes.map(({ id }) => id);
  const rank = Math.min(...roots.map(({ cause }) => order.indexOf(cause!)));
  for (const [at, after] of AFTER.entries())
    if (ran.checks >= after && ran.first[at] === undefined) {
      ran.first[at] = rank === 0;
      ran.three[at] = rank < 3;
    }
}

function look(car: Car, ran: Ran, next: Look): void {
  const check = findingOf(next.id);
  ran.minutes += minutesFor(check)!;
  if (check.where === 'wheels_off' && !car.wheelsOff) {
    ran.minutes += WHEELS_OFF;
    car.wheelsOff = true;
  }
  ran.checks += check.stage === 'check' ? 1 : 0;
  // The same look shows the same whatever came before it, so that policies differ by their choices alone.
  const random = seeded(keyOf(car.seed, car.round, next));
  car.findings.push(car.world.answer(car.present, next.id, next.corner, random));
}

function repair(car: Car, ran: Ran, { work, minutes, causes }: ReturnType<typeof workToBegin>): void {
  ran.minutes += minutes;
  car.done.add(work);
  for (const cause of causes) car.ruledOut.set(cause, 1e-6);
  const before = car.left.length;
  car.left = car.left.filter((root) => WORKS[root.cause!].work !== work);
  ran.cured = car.left.length === 0;
  if (ran.cured || car.left.length === before) return;
  // Something was put right: what is left shows itself anew. Otherwise nothing has changed.
  car.round += 1;
  car.present = car.world.present(car.left, seeded(car.seed + car.round));
  car.findings = complaintOf(car.world, car.present, seeded(car.seed + car.round));
}

/** What was so when it ended stands for every count after it. */
function heldOn(ran: Ran): Ran {
  const last = ran.first.length - 1;
  for (let at = last + 1; at < AFTER.length; at++) {
    ran.first[at] = last >= 0 && (ran.first[last] || ran.cured);
    ran.three[at] = last >= 0 && (ran.three[last] || ran.cured);
  }
  return ran;
}

/** Nobody brings a car in without a complaint. */
function complaintOf(world: World, present: ReadonlySet<number>, random: () => number): GivenFinding[] {
  for (let tries = 0; tries < 200; tries++) {
    const told = world.complaints(present, random);
    if (told.length > 0) return told;
  }
  return [];
}

function keyOf(seed: number, round: number, { id, corner }: Look): number {
  return [...`${round} ${id} ${corner ?? ''}`].reduce(
    (hash, letter) => (Math.imul(hash, 31) + letter.charCodeAt(0)) | 0,
    seed | 0,
  );
}

/** The work that most speaks for, with the causes it puts right. */
function workToBegin(verdict: Verdict, done: ReadonlySet<string>, policy: Policy) {
  const works = new Map<string, { work: string; minutes: number; chance: number; causes: CauseId[] }>();
  for (const { id, probability } of verdict.causes) {
    const { work, minutes } = WORKS[id];
    if (done.has(work)) continue;
    const before = works.get(work) ?? { work, minutes, chance: 0, causes: [] };
    works.set(work, { ...before, chance: before.chance + probability, causes: [...before.causes, id] });
  }
  return [...works.values()].reduce((best, each) =>
    policy.begin(each.chance, each.minutes) > policy.begin(best.chance, best.minutes) ? each : best,
  );
}

const likeliest = (chance: number) => chance;
/** Working down a list costs least in order of chance for each minute. */
const cheapestFirst = (chance: number, minutes: number) => chance / minutes;

const savedAMinute = ({ saves, minutes }: NextCheck) => saves / (minutes + 1);

type Standing = { verdict: Verdict; worth: number };

const isLikely = ({ verdict: { causes } }: Pick<Standing, 'verdict'>) => causes[0]!.probability >= BEGIN;

function bestBy(
  worthOf: (check: NextCheck) => number,
  enough: (standing: Standing) => boolean,
  begin: Policy['begin'],
): Policy {
  const look: Policy['look'] = (verdict, findings) => {
    const [next] = [...verdict.nextChecks].sort((left, right) => worthOf(right) - worthOf(left));
    if (!next || enough({ verdict, worth: worthOf(next) })) return undefined;
    return { id: next.id, ...placeFor(next, findings) };
  };
  return { look, begin };
}

/** Where no corner stands out one does as well as another. */
function placeFor({ id, corner, axle }: NextCheck, findings: readonly GivenFinding[]): { corner?: Corner } {
  if (findingOf(id).place !== 'corner' || (id === 'leak' && !corner)) return {};
  const open = CORNERS.filter(
    (each) =>
      (!axle || each.startsWith(axle === 'front' ? 'F' : 'R')) &&
      !findings.some((given) => given.id === id && given.place === each),
  );
  const at = corner ?? open[0];
  return at ? { corner: at } : {};
}

/** The checks as they stand in the list, corner after corner, as somebody without advice would go. */
function fixedOrder(): Policy {
  const all = (FINDINGS as readonly Finding[])
    .filter((finding) => finding.stage === 'check' && finding.id !== 'after_full_bleed')
    .flatMap((finding): Look[] =>
      finding.place === 'corner'
        ? CORNERS.map((corner) => ({ id: finding.id, corner }))
        : [{ id: finding.id }],
    );
  let at = 0;
  return { look: (verdict) => (isLikely({ verdict }) ? undefined : all[at++]), begin: likeliest };
}
