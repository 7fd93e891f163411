import { CORNERS } from '../../core/car/corner';
import type { CauseId } from '../../core/diagnosis/causes';
import { diagnose } from '../../core/diagnosis/diagnose';
import { knowledgeOf } from '../../core/diagnosis/knowledge/all';
import type { Fault } from '../../core/diagnosis/network/faults';
import { WORKS } from '../../core/planning/works';
import type { GivenFinding } from '../../core/readings/given';
import { findingOf } from '../../core/readings/vocabulary/findings';
import { seeded, seededFor } from '../../tests/support/drawn';
import { type Look, placed } from './looks';
import { CAR, perturbedWorld, type World } from './world';

const CHECKS = 10;
/** Draws of each cause: a share of so many hundred is known to some three in a hundred. */
const DRAWS = 5;

/** How far wrong answers lead astray: one among eight, two among twelve, over all causes this car can have. */
export function robustFigures(): void {
  for (const [wrong, answers] of [
    [1, 8],
    [2, 12],
  ] as const) {
    const world = perturbedWorld(seeded(answers));
    const causes = [...new Set(world.roots.map(({ cause }) => cause!))];
    // Each draw has a seed of its own: how many checks one takes changes nothing in the next.
    const ranks = causes.flatMap((cause) =>
      Array.from({ length: DRAWS }, (_, draw) =>
        ranksOf(cause, { wrong, answers }, world, seededFor(draw, cause)),
      ),
    );
    const share = (holds: (rank: { first: number; last: number }) => boolean) =>
      `${((100 * ranks.filter(holds).length) / ranks.length).toFixed(0)} %`;
    console.log(
      `${wrong} wrong among ${answers}, ${causes.length} causes, ${DRAWS} draws of each: ${share(({ first }) => first < 3)} in the first three, ${share(({ last }) => last === 0)} in front within ${CHECKS} more checks`,
    );
  }
}

type Told = { wrong: number; answers: number };

/**
 * Where a cause stands after its most telling answers, some of them wrong, and after what is recommended then: an answer
 * that is named as clashing with the rest is looked at again, once, else the next check is done.
 */
function ranksOf(
  cause: CauseId,
  { wrong, answers }: Told,
  world: World,
  random: () => number,
): { first: number; last: number } {
  const { findings, ask } = asked(world.rootOf(cause, random), answers, world, random);
  for (let each = 0; each < wrong && each < findings.length; each++) mistake(findings, random);
  const judged = () => {
    const verdict = diagnose({ car: CAR, findings, works: WORKS });
    return { verdict, rank: verdict.causes.findIndex(({ id }) => id === cause) };
  };
  let now = judged();
  const first = now.rank;
  const again = new Set<GivenFinding>();
  for (let checks = 0; checks < CHECKS && now.rank > 0; checks++) {
    const { contradictions, nextChecks } = now.verdict;
    const clashing = contradictions.flatMap((each) => each.findings).find((each) => !again.has(each));
    const [next] = nextChecks;
    if (clashing) again.add(askedAgain(findings, clashing, ask));
    else if (next) findings.push(ask(placed(next, findings)));
    else break;
    now = judged();
  }
  return { first, last: now.rank };
}

type Ask = (look: Look) => GivenFinding;

/** A car with a fault and the most telling answers about it; nobody asks about a car on which nothing shows. */
function asked(root: Fault, answers: number, world: World, random: () => number) {
  const telling = [...knowledgeOf(root.cause!).links].sort((left, right) => right.strength - left.strength);
  const questions = [...new Set(telling.map((link) => link.finding))].slice(0, answers);
  for (;;) {
    const present = world.present([root], random);
    const ask: Ask = ({ id, corner }) =>
      world.answer(present, id, findingOf(id).place === 'corner' ? corner : undefined, random);
    const findings = questions.map((id) => ask({ id, corner: root.corner }));
    if (findings.some(shows)) return { findings, ask };
  }
}

/** Whether an answer is of something that is not as it should be. */
function shows({ id, state }: GivenFinding): boolean {
  const { stage, states } = findingOf(id);
  return stage !== 'history' && state !== states[0];
}

/** An answer is looked at once more, at its place, and stands as it is found then. */
function askedAgain(findings: GivenFinding[], given: GivenFinding, ask: Ask): GivenFinding {
  const found = ask({ id: given.id, corner: CORNERS.find((corner) => corner === given.place) });
  findings[findings.indexOf(given)] = found;
  return found;
}

/** One of the answers, said wrongly. */
function mistake(findings: GivenFinding[], random: () => number): void {
  const at = Math.floor(random() * findings.length);
  const { id, state } = findings[at]!;
  const others = findingOf(id).states.filter((each) => each !== state);
  findings[at] = { ...findings[at]!, state: others[Math.floor(random() * others.length)]! };
}
