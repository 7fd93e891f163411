import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert, UNITS, type Unit } from './convert';
import { parseMeasure } from './parse';

const ALL = Object.keys(UNITS) as Unit[];

describe('units', () => {
  it('take a figure that ends in its point, as it stands while it is typed', () => {
    expect(parseMeasure('8.', 'mm')).toBe(8);
    expect(parseMeasure('12,', 'mm')).toBe(12);
    expect(parseMeasure('8.5', 'mm')).toBe(8.5);
    expect(parseMeasure('.5 in', 'mm')).toBeCloseTo(12.7, 12);
    expect(parseMeasure('8. mm', 'mm')).toBe(8);
    for (const text of ['.', '8..', '8.5.', '1,2,3']) expect(parseMeasure(text, 'mm'), text).toBeUndefined();
  });

  it('agrees with the definitions (NIST SP 811, appendix B, from memory)', () => {
    expect(convert(1, 'in', 'mm')).toBeCloseTo(25.4, 12);
    expect(convert(1, 'psi', 'kPa')).toBeCloseTo(6.894757, 6);
    expect(convert(1, 'bar', 'psi')).toBeCloseTo(14.50377, 5);
    expect(convert(4, 'lbf', 'N')).toBeCloseTo(17.7929, 4);
    expect(convert(212, '°F', '°C')).toBeCloseTo(100, 9);
    expect(convert(-40, '°C', '°F')).toBeCloseTo(-40, 9);
    expect(convert(20000, 'mi', 'km')).toBeCloseTo(32186.88, 6);
    expect(convert(60, 'mph', 'km/h')).toBeCloseTo(96.56064, 8);
    expect(convert(36, 'km/h', 'm/s')).toBeCloseTo(10, 12);
    expect(convert(1, 'lbf·ft', 'N·m')).toBeCloseTo(1.355818, 6);
  });

  it('comes back where it started, in every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ALL),
        fc.constantFrom(...ALL),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        (a, b, value) => {
          fc.pre(UNITS[a].dimension === UNITS[b].dimension);
          expect(convert(convert(value, a, b), b, a)).toBeCloseTo(value, 6);
        },
      ),
    );
  });

  it('refuses to turn a pressure into a length', () => {
    expect(() => convert(1, 'bar', 'mm')).toThrow(/pressure.*length/);
  });

  it('reads what a gloved hand types', () => {
    expect(parseMeasure('12,5', 'mm')).toBe(12.5);
    expect(parseMeasure(' .05 ', 'mm')).toBe(0.05);
    expect(parseMeasure('−0.02', 'mm')).toBe(-0.02);
    expect(parseMeasure('1/8 in', 'mm')).toBeCloseTo(3.175, 12);
    expect(parseMeasure('15 psi', 'bar')).toBeCloseTo(1.03421, 5);
    expect(parseMeasure('410 F', '°C')).toBeCloseTo(210, 9);
    expect(parseMeasure('80 lbf·ft', 'N·m')).toBeCloseTo(108.465, 3);
    expect(parseMeasure('80 ft lb', 'N·m')).toBeCloseTo(108.465, 3);
    expect(parseMeasure('110 Nm', 'N·m')).toBe(110);
    expect(parseMeasure('55 mph', 'km/h')).toBeCloseTo(88.51, 2);
  });

  it('does not guess at what is not a number', () => {
    for (const text of ['', 'abc', '1.2.3', '5 kg', '--2', '1/0'])
      expect(parseMeasure(text, 'mm')).toBeUndefined();
  });
});
