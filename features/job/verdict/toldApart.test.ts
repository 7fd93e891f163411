import { describe, expect, it } from 'vitest';
import { toldApart } from './toldApart';

describe('how a check tells two causes apart', () => {
  const colour = { finding: 'rotor_colour', minutes: 1 } as const;

  it('says what settles it, and of the rest only that it leans', () => {
    const check = {
      ...colour,
      ifThis: { state: 'blued', settles: true },
      ifOther: { state: 'normal', settles: false },
    };
    expect(toldApart(check)).toBe(
      'tells them apart in 1 min: blued is this one, normal speaks rather for the other',
    );
  });

  it('does not promise to tell apart what it only helps with', () => {
    const check = {
      ...colour,
      ifThis: { state: 'blued', settles: false },
      ifOther: { state: 'normal', settles: false },
    };
    expect(toldApart(check)).toBe(
      'helps to tell them apart in 1 min: blued speaks rather for this one, normal speaks rather for the other',
    );
  });
});
