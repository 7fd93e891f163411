import { describe, expect, it } from 'vitest';
import { changeWords, saidOf } from './auditWords';

describe('a line of who did what', () => {
  it('says what was done', () => {
    expect(saidOf({ what: 'cars', how: 'changed' })).toBe('Changed car');
    expect(saidOf({ what: 'sign_in', how: 'wrong_pin' })).toBe('A wrong PIN');
  });

  it('says each field from what to what, in the units of the shop', () => {
    const changes = {
      odometer_m: [null, 88_410_000],
      fluid_dry_k: [503.15, 523.15],
      bleed_pressure_pa: [103_000, 120_000],
      rotor_minimum_m: [0.0254, 0.026],
      wheels_off: [false, true],
      note: ['', 'Track days'],
    } as const;
    expect(changeWords(changes as never)).toBe(
      [
        'odometer: nothing → 88410.0 km',
        'fluid dry: 230.0 °C → 250.0 °C',
        'bleed pressure: 103.0 kPa → 120.0 kPa',
        'rotor minimum: 25.4 mm → 26.0 mm',
        'wheels off: no → yes',
        'note: nothing → Track days',
      ].join('; '),
    );
  });
});
