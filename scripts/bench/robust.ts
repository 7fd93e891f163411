import type { CauseId } from '../../core/diagnosis/causes';
import { diagnose } from '../../core/diagnosis/diagnose';
import { knowledgeOf } from '../../core/diagnosis/knowledge/all';
import { WORKS } from '../../core/planning/works';
import type { GivenFinding } from '../../core/readings/given';
import { type FindingId, findingOf } from '../../core/readings/vocabulary/findings';
import { seeded } from '../../tests/support/drawn';
import { CAR, perturbedWorld, type World } from './world';

const CHECKS = 10;

/** How far wrong answers lead astray: one among eight, two among twelve, over all causes this car can have. */
export function robustFigures(): void {
  for (const [wrong, answers] of [
    [1, 8],
    [2, 12],
  ] as const) {
    const random = seeded(answers);
    const world = perturbedWorld(random);
    const causes = [...new Set(world.roots.map(({ cause }) => cause!))];
    const ranks = causes.map((cause) => ranksOf(cause, { wrong, answers }, world, random));
    const share = (holds: (rank: { first: number; last: number }) => boolean) =>
      `${((100 * ranks.filter(holds).length) / causes.length).toFixed(0)} %`;
    console.log(
      `${wrong} wrong among ${answers}, ${causes.length} causes: ${share(({ first }) => first < 3)} in the first three, ${share(({ last }) => last === 0)} in front within ${CHECKS} more checks`,
    );
  }
}

type Told = { wrong: number; answers: number };

/** Where a cause stands after its most telling answers, some of them wrong, and after the checks that are recommended then. */
function ranksOf(
  cause: CauseId,
  { wrong, answers }: Told,
  world: World,
  random: () => number,
): { first: number; last: number } {
  const root = world.roots.find((each) => each.cause === cause)!;
  const present = world.present([root], random);
  const ask = (id: FindingId, corner = root.corner) =>
    world.answer(present, id, findingOf(id).place === 'corner' ? corner : undefined, random);
  const telling = [...knowledgeOf(cause).links].sort((left, right) => right.strength - left.strength);
  const findings = [...new Set(telling.map((link) => link.finding))].slice(0, answers).map((id) => ask(id));
  for (let each = 0; each < wrong && each < findings.length; each++) mistake(findings, random);
  const judged = () => {
    const { causes, nextChecks } = diagnose({ car: CAR, findings, works: WORKS });
    return { nextChecks, rank: causes.findIndex(({ id }) => id === cause) };
  };
  let now = judged();
  const first = now.rank;
  for (let checks = 0; checks < CHECKS && now.rank > 0; checks++) {
    const [next] = now.nextChecks;
    if (!next) break;
    findings.push(ask(next.id, next.corner));
    now = judged();
  }
  return { first, last: now.rank };
}

/** One of the answers, said wrongly. */
function mistake(findings: GivenFinding[], random: () => number): void {
  const at = Math.floor(random() * findings.length);
  const { id, state } = findings[at]!;
  const others = findingOf(id).states.filter((each) => each !== state);
  findings[at] = { ...findings[at]!, state: others[Math.floor(random() * others.length)]! };
}
