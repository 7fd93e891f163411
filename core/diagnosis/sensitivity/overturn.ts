import type { GivenFinding } from '../../readings/given';
import type { CauseId } from '../causes';
import { leadingCause, type Question } from '../diagnose';

/** An answer that carries the verdict: were it mistaken, another cause would lead. */
export type Overturn = { given: GivenFinding; leader: CauseId; probability: number };

/**
 * What would have to be wrong for the verdict to be wrong: each answer left out in turn, those without which another
 * cause stands in front. Empty when no single answer carries it.
 */
export function overturns(question: Question): Overturn[] {
  const { id } = leadingCause(question);
  return question.findings.flatMap((given) => {
    const without = leadingCause({
      ...question,
      findings: question.findings.filter((each) => each !== given),
    });
    return without.id === id ? [] : [{ given, leader: without.id, probability: without.probability }];
  });
}
