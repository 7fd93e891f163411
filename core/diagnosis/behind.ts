import type { BenchId } from '../car/benchState';
import type { FindingId } from '../readings/vocabulary/findings';
import type { CauseId } from './causes';
import { BENCH_FOR, DECISIONS, type Decision, PARTS_WORDS } from './decision/works';
import { diagnose, type Question } from './diagnose';
import { knowledgeOf } from './knowledge/all';
import { tellingChecks, whyOf } from './knowledge/why';
import { type Confusable, confusableWith } from './sensitivity/confusable';
import type { CauseVerdict, Evidence } from './verdict';

/** An answer's weight, with the line of why. */
export type Told = Evidence & { why: string };

/** All that stands behind one cause of a verdict, in shop words. */
export type Behind = Pick<CauseVerdict, 'id' | 'probability' | 'priorBits'> & {
  /** What it is, in a sentence. */
  meaning: string;
  /** The heaviest first. */
  speaksFor: Told[];
  speaksAgainst: Told[];
  /** What it is most easily taken for, and the check that tells the two apart. */
  confusable: Confusable[];
  /** The open checks that would speak loudest about it. */
  telling: { finding: FindingId; state: string }[];
  /** What is done about it; its minutes, where the question brought the works. */
  decision: Omit<Decision, 'parts'> & { parts: string; minutes?: number };
  bench?: BenchId;
};

/** Less than this is not worth a line, bits. */
const FAINT = 0.05;

/** What stands behind a cause, as the answers are. Pure, and a whole verdict of work: for whoever opens that cause. */
export function behind(question: Question, cause: CauseId): Behind {
  const { causes } = diagnose(question);
  const { id, probability, priorBits, evidence } = causes.find((each) => each.id === cause)!;
  const answered = new Set(question.findings.map((finding) => finding.id));
  const isOpen = (finding: FindingId) => !answered.has(finding);
  const told = (of: readonly Evidence[]) =>
    [...of]
      .sort((left, right) => Math.abs(right.bits) - Math.abs(left.bits))
      .map((each): Told => ({ ...each, why: whyOf(cause, each.finding, each.state) ?? ELSEWHERE }));
  const { parts, ...decision } = DECISIONS[cause];
  const minutes = question.works?.[cause].minutes;
  const bench = BENCH_FOR[cause];
  return {
    ...{ id, probability, priorBits },
    meaning: knowledgeOf(cause).meaning,
    speaksFor: told(evidence.filter(({ bits }) => bits > FAINT)),
    speaksAgainst: told(evidence.filter(({ bits }) => bits < -FAINT)),
    confusable: confusableWith(cause, causes, isOpen),
    telling: tellingChecks(cause, isOpen),
    decision: { ...decision, parts: PARTS_WORDS[parts], ...(minutes === undefined ? {} : { minutes }) },
    ...(bench ? { bench } : {}),
  };
}

const ELSEWHERE = 'Explained better by something else.';
