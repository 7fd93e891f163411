import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteForce, problems } from '../../../tests/support/networks';
import { abnormalOnly } from './fold';
import { overLikely } from './likely';
import { boundedOf, groundOf } from './region';

/** As much left out as one of these shares of the bound. */
const SHARES = [1e-3, 0.02, 0.1, 0.4, 0.8];

describe('the likely faults alone', () => {
  it.each(SHARES)('are as near to all of them as is said, with %d of the bound left out', (share) => {
    let near = 0;
    fc.assert(
      fc.property(problems(8, 12), (drawn) => {
        const problem = abnormalOnly(drawn);
        const bounded = boundedOf(groundOf(problem), { present: [], absent: [] }, undefined, 3);
        const { posterior, within } = overLikely(problem, bounded, [share])!;
        const exact = bruteForce(problem);
        if (within < 1) near += 1;
        for (const of of ['faults', 'groups'] as const)
          exact[of].forEach((chance, at) => {
            expect(Math.abs(posterior[of][at]! - chance)).toBeLessThanOrEqual(within + 1e-9);
          });
      }),
      { numRuns: 60 },
    );
    expect(near).toBeGreaterThan(0);
  });

  it('are all of them where nothing may be left out', () => {
    fc.assert(
      fc.property(problems(8, 12), (drawn) => {
        const problem = abnormalOnly(drawn);
        const bounded = boundedOf(groundOf(problem), { present: [], absent: [] });
        const { posterior } = overLikely(problem, bounded, [0])!;
        bruteForce(problem).faults.forEach((chance, at) => {
          expect(posterior.faults[at]!).toBeCloseTo(chance, 9);
        });
      }),
      { numRuns: 40 },
    );
  });
});
