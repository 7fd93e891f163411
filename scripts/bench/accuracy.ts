import { CORNERS } from '../../core/car/corner';
import { askFirst } from '../../core/diagnosis/askFirst';
import { isEnough } from '../../core/diagnosis/enough';
import type { Fault } from '../../core/diagnosis/network/faults';
import type { Verdict } from '../../core/diagnosis/verdict';
import { worthOf } from '../../core/diagnosis/worth';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding } from '../../core/readings/vocabulary/findings';
import { seeded } from '../../tests/support/drawn';
import {
  type Complaint,
  complaintOf,
  cure,
  neededMinutes,
  type Policy,
  type Ran,
  type WorkOpen,
} from './cure';
import { type Look, placed } from './looks';
import { perturbedWorld, type World } from './world';

/** Complaints of two causes at once, beside one of each cause, in each of so many sets: a single set is off by some 10 min. */
const PAIRS = 40;
const SETS = 3;
const AFTER = [0, 3, 6, 10];
/** Without a measure of what a check is worth, a work is begun at this chance of its cause. */
const BEGIN = 0.7;
/** Where nothing left saves this much for each minute it costs, the works are gone through by their odds. */
const PAYS = 0.3;

/**
 * From complaint to cure in a world that is off from the tables: questions, checks, their wheels, and the work, wrong
 * work included, for what is recommended, for information a minute, and for the list from top to bottom.
 */
export function accuracyFigures(): void {
  const complaints = Array.from({ length: SETS }, setOfComplaints).flat();
  const [own, information, fixed] = policies.map(([name, policy]) => {
    const runs = complaints.map((complaint) => cure(complaint, policy()));
    print(name, runs);
    return mean(runs.map(({ minutes }) => minutes));
  }) as [number, number, number];
  const needed = mean(complaints.map(neededMinutes));
  const below = (other: number) =>
    `${((1 - own / other) * 100).toFixed(0)} % (${((1 - (own - needed) / (other - needed)) * 100).toFixed(0)} % of what is over it)`;
  console.log(`complaint to cure, the right work alone, known at once: ${needed.toFixed(0)} min`);
  console.log(
    `complaint to cure: below information a minute by ${below(information)}, below a fixed order by ${below(fixed)}`,
  );
}

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

function print(name: string, runs: readonly Ran[]): void {
  const of = (figure: (run: Ran) => number) => mean(runs.map(figure));
  const share = (holds: (run: Ran) => boolean) => `${(100 * of((run) => (holds(run) ? 1 : 0))).toFixed(0)} %`;
  const after = AFTER.map((checks) => {
    const within = (rank: number) => share((run) => rankAfter(run, checks) < rank);
    return `after ${checks}: ${within(1)} first, ${within(3)} in three`;
  }).join('; ');
  console.log(
    `complaint to cure, ${name}: ${of(({ minutes }) => minutes).toFixed(0)} min over ${runs.length} complaints (${of(({ looks }) => looks).toFixed(0)} min of looks, ${of(({ checks }) => checks).toFixed(1)} of them checks; ${of(({ wrong }) => wrong).toFixed(0)} min of wrong work, and parts for nothing worth ${of(({ parts }) => parts).toFixed(0)}), ${share(({ cured }) => cured)} cured; ${after}`,
  );
}

/** Where the cause stood after so many checks; what was so when it ended stands for every count after it. */
function rankAfter({ ranks }: Ran, checks: number): number {
  return ranks[Math.min(checks, ranks.length - 1)]!;
}

/** One complaint of each cause that this car can have, and some of two causes, in three worlds of its own. */
function setOfComplaints(_: unknown, set: number): Complaint[] {
  const random = seeded(set);
  const worlds = Array.from({ length: 3 }, () => perturbedWorld(random));
  const causes = [...new Set(worlds[0]!.roots.map(({ cause }) => cause))];
  const single = causes.map((cause, at) => {
    const world = worlds[at % worlds.length]!;
    return felt(world, [world.rootOf(cause!, random)], random);
  });
  const pairs = Array.from({ length: PAIRS }, (_, pair) => {
    const world = worlds[pair % worlds.length]!;
    return felt(world, [drawRoot(world, random), drawRoot(world, random)], random);
  });
  return [...single, ...pairs];
}

/** Nobody brings in a car on which nothing is felt: what a fault brings about makes it so in the end. */
function felt(world: World, roots: Fault[], random: () => number): Complaint {
  for (;;) {
    const seed = Math.floor(random() * 1e9);
    const present = world.present(roots, seeded(seed));
    if (complaintOf({ world, present }, seeded(seed))) return { world, roots, present, seed };
  }
}

function drawRoot(world: World, random: () => number): Fault {
  const whole = world.roots.reduce((sum, root) => sum + world.weightOf(root), 0);
  let left = random() * whole;
  return world.roots.find((root) => {
    left -= world.weightOf(root);
    return left <= 0;
  })!;
}

const likeliest = ({ chance }: WorkOpen) => chance;
/** Working down a list costs least in order of chance for each minute. */
const cheapestFirst = ({ chance, minutes }: WorkOpen) => chance / minutes;

const isLikely = ({ causes }: Verdict) => causes[0]!.probability >= BEGIN;

const policies: [string, () => Policy][] = [
  ['what is recommended', () => ({ look: recommended, begin: cheapestFirst })],
  ['information a minute', () => ({ look: mostTelling, begin: likeliest })],
  ['fixed order', fixedOrder],
];

/** As the screen says it: a question where that is worth more than the next check, until it is enough to act on. */
function recommended(verdict: Verdict, findings: readonly GivenFinding[]): Look | undefined {
  if (isEnough(verdict)) return undefined;
  const [check] = verdict.nextChecks;
  const next = askFirst(verdict, check) ?? check;
  return next && worthOf(next) >= PAYS ? placed(next, findings) : undefined;
}

function mostTelling(verdict: Verdict, findings: readonly GivenFinding[]): Look | undefined {
  if (isLikely(verdict)) return undefined;
  const [next] = [...verdict.nextQuestions, ...verdict.nextChecks].sort(
    (left, right) => right.bits / right.minutes - left.bits / left.minutes,
  );
  return next && placed(next, findings);
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
  return { look: (verdict) => (isLikely(verdict) ? undefined : all[at++]), begin: likeliest };
}
