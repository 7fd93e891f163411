import type { Corner } from '../../core/car/corner';
import { diagnose } from '../../core/diagnosis/diagnose';
import { knowledgeOf } from '../../core/diagnosis/knowledge/all';
import { WORKS } from '../../core/planning/works';
import type { GivenFinding } from '../../core/readings/given';
import { findingOf } from '../../core/readings/vocabulary/findings';
import { seeded } from '../../tests/support/drawn';
import { CAR, perturbedWorld } from './world';

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
    let inThree = 0;
    let found = 0;
    for (const cause of causes) {
      const root = world.roots.find((each) => each.cause === cause)!;
      const present = world.present([root], random);
      const ask = (id: GivenFinding['id'], corner?: Corner) =>
        world.answer(
          present,
          id,
          findingOf(id).place === 'corner' ? (corner ?? root.corner) : undefined,
          random,
        );
      const telling = [...knowledgeOf(cause).links].sort((a, b) => b.strength - a.strength);
      const findings = [...new Set(telling.map((link) => link.finding))]
        .slice(0, answers)
        .map((id) => ask(id));
      for (let each = 0; each < wrong && each < findings.length; each++) {
        const at = Math.floor(random() * findings.length);
        const others = findingOf(findings[at]!.id).states.filter((state) => state !== findings[at]!.state);
        findings[at] = { ...findings[at]!, state: others[Math.floor(random() * others.length)]! };
      }
      const rank = () => {
        const verdict = diagnose({ car: CAR, findings, works: WORKS });
        return { verdict, rank: verdict.causes.findIndex(({ id }) => id === cause) };
      };
      let now = rank();
      if (now.rank < 3) inThree += 1;
      for (let checks = 0; checks < CHECKS && now.rank > 0; checks++) {
        const [next] = now.verdict.nextChecks;
        if (!next) break;
        findings.push(ask(next.id, next.corner));
        now = rank();
      }
      if (now.rank === 0) found += 1;
    }
    const share = (count: number) => `${((100 * count) / causes.length).toFixed(0)} %`;
    console.log(
      `${wrong} wrong among ${answers}, ${causes.length} causes: ${share(inThree)} in the first three, ${share(found)} in front within ${CHECKS} more checks`,
    );
  }
}
