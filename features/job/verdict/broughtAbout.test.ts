import { describe, expect, it } from 'vitest';
import { broughtAbout } from './broughtAbout';

describe('what brought a cause about', () => {
  it('is said outright where it is likelier than not', () => {
    const broughtBy = [
      { id: 'rotor_runout', probability: 0.4 },
      { id: 'rotor_heat_distorted', probability: 0.14 },
    ] as const;
    expect(broughtAbout({ probability: 0.58, broughtBy: [...broughtBy] })).toBe(
      'brought about by rotor runs out sideways',
    );
  });

  it('is a perhaps with its chance where the cause mostly comes about by itself', () => {
    const broughtBy = [{ id: 'cooling_one_sided', probability: 0.22 } as const];
    expect(broughtAbout({ probability: 0.77, broughtBy })).toBe(
      'perhaps brought about by air blown on one rotor face (22 %)',
    );
  });

  it('is not said where nothing did', () => {
    expect(broughtAbout({ probability: 0.77 })).toBeUndefined();
  });
});
