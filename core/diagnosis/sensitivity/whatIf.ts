import type { GivenFinding } from '../../readings/given';
import { slotOf } from '../../readings/merged';
import { findingOf } from '../../readings/vocabulary/findings';
import { causesAlone, type Question } from '../diagnose';
import type { CauseVerdict } from '../verdict';

type Ranked = Pick<CauseVerdict, 'id' | 'probability' | 'corner'>;

/** The ranking as one answer would make it; null is the question never asked. */
export type WhatIf = { state: string | null; now: boolean; leaders: Ranked[]; unlisted: number };

const SHOWN = 5;

/** The ranking with every state an answer could have had, and without it. */
export function whatIf(question: Question, given: GivenFinding): WhatIf[] {
  const others = question.findings.filter((each) => slotOf(each) !== slotOf(given));
  return [null, ...findingOf(given.id).states].map((state) => {
    const findings = state === null ? others : [...others, { ...given, state }];
    const { causes, unlisted } = causesAlone({ ...question, findings });
    return {
      state,
      now: state === given.state,
      leaders: causes
        .slice(0, SHOWN)
        .map(({ id, probability, corner }) => ({ id, probability, ...(corner ? { corner } : {}) })),
      unlisted,
    };
  });
}
