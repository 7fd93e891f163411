import type { Issue, Outcome } from '../../base/issues/issue';
import { parseWith } from '../../base/issues/zod';
import type { CarTraits } from '../../car/traits';
import type { AtHand } from '../../diagnosis/hand';
import { derivedTogether, deriveFindings } from '../../readings/derive';
import type { GivenFinding } from '../../readings/given';
import { type DerivedFinding, mergeFindings } from '../../readings/merged';
import { CALCS } from '../calcs';
import { checkCauses, checkFinding } from './findings';
import { type CaseFile, caseSchema } from './schema';

/** A case that has passed every check, ready for the engine. */
export type OpenCase = {
  file: CaseFile;
  car: CarTraits;
  atHand?: AtHand;
  /** Given and derived together, as the engine takes them. */
  findings: GivenFinding[];
  derived: DerivedFinding[];
  /** Derived findings that a hand-given one at the same place beats. */
  overruled: DerivedFinding[];
};

/** Reads a case file: its shape, its ids, its readings; either all of it or everything that is wrong. */
export function openCase(input: unknown): Outcome<OpenCase> {
  const parsed = parseWith(caseSchema, input);
  if (!parsed.ok) return parsed;
  const file = parsed.value;
  const issues: Issue[] = [];
  const given: GivenFinding[] = [];
  const derived: DerivedFinding[] = [];

  file.findings.forEach((finding, index) => {
    const checked = checkFinding(finding, `findings[${index}]`);
    issues.push(...checked.issues);
    if (checked.given) given.push(checked.given);
  });
  file.record?.proof?.forEach((finding, index) => {
    issues.push(...checkFinding(finding, `record.proof[${index}]`).issues);
  });
  if (file.record) issues.push(...checkCauses(file.record.confirmed, 'record.confirmed'));
  file.readings?.forEach((reading, index) => {
    const read = deriveFindings(reading, `readings[${index}]`, CALCS);
    issues.push(...read.issues);
    derived.push(...read.derived);
  });
  if (issues.length > 0) return { ok: false, issues };
  derived.push(...derivedTogether(file.readings ?? []).flatMap((together) => together.derived));

  const { findings, overruled } = mergeFindings(given, derived);
  return {
    ok: true,
    value: { file, car: file.car ?? {}, atHand: file.atHand, findings, derived, overruled },
  };
}
