import { describe, expect, it } from 'vitest';
import { unitsIn } from '../../shell/units';
import { limitsOf, limitTexts } from './limitTexts';

const inches = unitsIn({ lengthUnit: 'in', temperatureUnit: '°F', pressureUnit: 'psi' });
const metric = unitsIn({ lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' });

describe('the shop’s own limits', () => {
  it('are shown and typed in the units of the shop', () => {
    expect(limitTexts({ runoutMm: 0.05 }, inches)).toEqual({ runoutMm: '0.001969' });
    expect(limitTexts({ runoutMm: 0.05 }, metric)).toEqual({ runoutMm: '0.05' });
    expect(limitsOf({ runoutMm: '0.002' }, {}, inches).runoutMm).toBeCloseTo(0.0508, 9);
    expect(limitTexts({ trackMarginK: 30 }, inches)).toEqual({ trackMarginK: '54' });
    expect(limitsOf({ trackMarginK: '45' }, {}, inches).trackMarginK).toBeCloseTo(25, 9);
    expect(limitsOf({ runoutMm: '0.05 mm' }, {}, inches).runoutMm).toBeCloseTo(0.05, 9);
  });

  it('stay to the last digit where nobody touched them', () => {
    const stood = { runoutMm: 0.0523 };
    expect(limitsOf(limitTexts(stood, inches), stood, inches)).toEqual(stood);
  });

  it('that are no figure go as they are, to be refused by name', () => {
    expect(limitsOf({ runoutMm: 'little' }, {}, inches)).toEqual({ runoutMm: 'little' });
    expect(limitsOf({ runoutMm: ' ' }, {}, metric)).toEqual({});
  });
});
