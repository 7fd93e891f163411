import { atOrBelow, type Problem } from '../../core/diagnosis/engine/problem';

/** The same network as full conditional tables, for the library. */
export function asBayesNetwork(problem: Problem) {
  const nodes: Record<string, unknown> = {};
  problem.priors.forEach((prior, fault) => {
    const over = problem.above[fault]!;
    const alone = { T: prior, F: 1 - prior };
    nodes[`fault${fault}`] = {
      id: `fault${fault}`,
      states: ['T', 'F'],
      parents: over < 0 ? [] : [`fault${over}`],
      cpt:
        over < 0
          ? alone
          : [
              // biome-ignore lint/suspicious/noThenProperty: the library's own name for it
              { when: { [`fault${over}`]: 'T' }, then: alone },
              // biome-ignore lint/suspicious/noThenProperty: the library's own name for it
              { when: { [`fault${over}`]: 'F' }, then: { T: 0, F: 1 } },
            ],
    };
  });
  problem.answers.forEach((answer, index) => {
    const parents = answer.parents.map((parent) => `fault${parent.fault}`);
    const row = (present: readonly boolean[]) => {
      const upTo = (level: number) =>
        answer.parents.reduce(
          (product, parent, at) => (present[at] ? product * atOrBelow(parent.cumulative, level) : product),
          atOrBelow(answer.leak, level),
        );
      return Object.fromEntries(
        [...answer.leak].map((_, level) => [level, level === 0 ? upTo(0) : upTo(level) - upTo(level - 1)]),
      );
    };
    const cpt =
      parents.length === 0
        ? row([])
        : Array.from({ length: 1 << parents.length }, (_, mask) => {
            const present = parents.map((_parent, at) => (mask & (1 << at)) !== 0);
            return {
              when: Object.fromEntries(parents.map((id, at) => [id, present[at] ? 'T' : 'F'])),
              // biome-ignore lint/suspicious/noThenProperty: the library's own name for it
              then: row(present),
            };
          });
    nodes[`answer${index}`] = {
      id: `answer${index}`,
      states: [...answer.leak].map((_, level) => String(level)),
      parents,
      cpt,
    };
  });
  return nodes;
}
