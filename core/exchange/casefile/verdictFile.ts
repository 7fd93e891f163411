import { diagnose } from '../../diagnosis/diagnose';
import { placeFields } from '../../diagnosis/verdict';
import { WORKS } from '../../planning/works';
import type { GivenFinding } from '../../readings/given';
import type { OpenCase } from './open';

/** The verdict in the open format that scripts rely on. */
export function verdictFile({ car, findings, atHand, derived, overruled }: OpenCase) {
  const verdict = diagnose({ car, findings, atHand, works: WORKS });
  const shown = ({ id, state, place }: GivenFinding) => ({ finding: id, state, ...placeFields(place) });
  return {
    format: 'bavrin-verdict',
    version: 1,
    causes: verdict.causes.map(({ priorBits, ...cause }) => ({
      ...cause,
      priorBits: Number.isFinite(priorBits) ? priorBits : null,
    })),
    unlisted: verdict.unlisted,
    combinations: verdict.combinations,
    holds: verdict.holds.map((hold) => ({
      id: hold.id,
      until: hold.until,
      because: hold.because.map(shown),
    })),
    nextChecks: verdict.nextChecks,
    nextQuestions: verdict.nextQuestions,
    contradictions: verdict.contradictions.map((clash) => ({
      findings: clash.findings.map(shown),
      say: clash.say,
    })),
    derived: derived.map((finding) => ({
      ...shown(finding),
      from: finding.from,
      overruledByHand: overruled.includes(finding),
    })),
    exact: verdict.exact,
    captured: verdict.captured,
    engine: verdict.engine,
    knowledge: verdict.knowledge,
  };
}
