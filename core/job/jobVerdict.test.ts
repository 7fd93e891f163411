import { describe, expect, it } from 'vitest';
import { answersFrom, SALOON } from '../../tests/support/told';
import { diagnose } from '../diagnosis/diagnose';
import { FINDINGS } from '../readings/vocabulary/findings';
import { jobVerdict } from './jobVerdict';

const SOFT = answersFrom('pedal_spongy yes; pedal_pump rises; fluid_look clear; system_opened yes');

describe('a verdict as the pages of a job hold it', () => {
  it('says of each cause what speaks for it, and whether anything bears on it', () => {
    const soft = diagnose({ car: SALOON, findings: SOFT });
    const air = soft.causes.find(({ id }) => id === 'air_in_lines')!;
    const loud = air.evidence.filter(({ bits }) => bits > 0.3).sort((one, other) => other.bits - one.bits);
    const { causes } = jobVerdict(soft);
    expect(causes.find(({ id }) => id === 'air_in_lines')!.speaksFor).toEqual(
      loud.map(({ finding, state }) => ({ finding, state })),
    );
    expect(causes.map(({ asked }) => asked)).toEqual(soft.causes.map((each) => each.evidence.length > 0));
  });

  it('says once what is the same at several wheels', () => {
    const scored = diagnose({
      car: SALOON,
      findings: answersFrom('rotor_surface grooves FL; rotor_surface grooves FR; noise_grind yes'),
    });
    const [first] = jobVerdict(scored).causes;
    expect(first!.speaksFor).toEqual([
      { finding: 'rotor_surface', state: 'grooves', places: ['FL', 'FR'] },
      { finding: 'noise_grind', state: 'yes' },
    ]);
  });

  it('is a quarter as long, once the driver has been asked everything', () => {
    const asked = FINDINGS.filter(({ stage }) => stage !== 'check');
    const findings = asked.map(({ id, states }) => ({ id, state: states[0] }));
    const whole = diagnose({ car: SALOON, findings });
    expect(JSON.stringify(jobVerdict(whole)).length).toBeLessThan(JSON.stringify(whole).length / 4);
  });
});
