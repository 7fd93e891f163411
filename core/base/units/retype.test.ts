import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shownDecimals, shownUnit, shownValue, type UnitChoice } from './display';
import { listed, retype, retypeAll } from './retype';

const METRIC: UnitChoice = { lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' };
const INCH: UnitChoice = { lengthUnit: 'in', temperatureUnit: '°F', pressureUnit: 'psi' };

describe('figures typed in other units', () => {
  it('are converted where they are plain, and stay where they name a unit or are none', () => {
    expect(retype('25.4', 'mm', METRIC, INCH)).toBe('1');
    expect(retype('0,05', 'mm', METRIC, INCH)).toBe('0.0019685039');
    expect(retype('0.05 mm', 'mm', METRIC, INCH)).toBe('0.05 mm');
    expect(retype('200', '°C', METRIC, INCH)).toBe('392');
    expect(retype('30', 'K', METRIC, INCH)).toBe('54');
    expect(retype('wet', 'mm', METRIC, INCH)).toBe('wet');
    expect(retype('', 'mm', METRIC, INCH)).toBe('');
    expect(retype('1.8', '%', METRIC, INCH)).toBe('1.8');
  });

  it('come back as they were', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -99999, max: 99999 }),
        fc.constantFrom('mm', '°C', 'kPa', 'kg', 'km/h'),
        (thousandths, base) => {
          const text = String(thousandths / 1000);
          const back = retype(retype(text, base as 'mm', METRIC, INCH), base as 'mm', INCH, METRIC);
          expect(Number(back)).toBeCloseTo(Number(text), 5);
        },
      ),
    );
  });

  it('are found wherever they stand in a form', () => {
    const typed = { bore: '25.4', rows: [{ c: '100', name: '5' }], on: true, none: null };
    const baseOf = (...path: string[]) => (({ bore: 'mm', c: '°C' }) as const)[path.at(-1)!];
    expect(retypeAll(typed, baseOf, METRIC, INCH)).toEqual({
      bore: '1',
      rows: [{ c: '212', name: '5' }],
      on: true,
      none: null,
    });
  });
});

describe('what goes with inches', () => {
  it('is feet, pounds, pound-feet and miles an hour; published conversions', () => {
    expect((['m', 'kg', 'N·m', 'km/h'] as const).map((base) => shownUnit(base, INCH))).toEqual([
      'ft',
      'lb',
      'lbf·ft',
      'mph',
    ]);
    // NIST SP 811: 1 ft = 0.3048 m, 1 lb = 0.45359237 kg, 1 lbf·ft = 1.355818 N·m, 1 mi/h = 1.609344 km/h.
    expect(shownValue(0.3048, 'm', INCH)).toBeCloseTo(1, 12);
    expect(shownValue(0.45359237, 'kg', INCH)).toBeCloseTo(1, 12);
    expect(shownValue(1.355818, 'N·m', INCH)).toBeCloseTo(1, 6);
    expect(shownValue(1.609344, 'km/h', INCH)).toBeCloseTo(1, 12);
    expect(shownDecimals(0, 'N·m', INCH)).toBe(0);
    expect(shownUnit('kg', METRIC)).toBe('kg');
  });

  it('are converted each where they are a list, and the list stays as it was typed where none is', () => {
    const lists = () => ['mm'] as const;
    const over = (text: string) => retypeAll({ pistons: text }, lists, METRIC, INCH).pistons;
    expect(over('38.1, 25.4')).toBe('1.5, 1');
    expect(over('38.1 25.4; 7/8 in')).toBe('1.5, 1, 7/8 in');
    expect(over('big;  small')).toBe('big;  small');
    expect(over('')).toBe('');
    expect(retypeAll({ pistons: '40, 36' }, lists, METRIC, METRIC).pistons).toBe('40, 36');
    expect(listed('40, 40;36  34 and more')).toEqual(['40', '40', '36', '34 and more']);
  });
});
