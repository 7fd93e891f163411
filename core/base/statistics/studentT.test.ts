import { describe, expect, it } from 'vitest';
import { studentTail } from './studentT';

describe("Student's t", () => {
  it('agrees with the table of two-sided 5 % and 1 % points (Abramowitz and Stegun 26.10, from memory)', () => {
    const five = { 1: 12.706, 2: 4.303, 3: 3.182, 4: 2.776, 5: 2.571, 8: 2.306, 10: 2.228, 19: 2.093 };
    const one = { 1: 63.657, 2: 9.925, 3: 5.841, 4: 4.604, 5: 4.032, 8: 3.355, 10: 3.169, 19: 2.861 };
    for (const [dof, t] of Object.entries(five)) expect(studentTail(t, Number(dof))).toBeCloseTo(0.05, 4);
    for (const [dof, t] of Object.entries(one)) expect(studentTail(-t, Number(dof))).toBeCloseTo(0.01, 4);
  });

  it('is certain at 0 and falls on either side', () => {
    for (const dof of [1, 2, 7]) {
      expect(studentTail(0, dof)).toBe(1);
      expect(studentTail(2, dof)).toBeLessThan(studentTail(1, dof));
    }
  });
});
