import { describe, expect, it } from 'vitest';
import { figuresOf } from '@/core/readings/figuresOf';
import { INCHES, METRIC } from '../../tests/support/units';
import { readingWords } from './readingWords';

const words = (kind: string, input: Record<string, unknown> | null, more = {}, units = METRIC) =>
  readingWords({ kind, input, ...more }, figuresOf({ kind, input, ...more }), units);

describe('a reading in words', () => {
  it.each([
    ['fluid', { class: 'DOT4', moisturePct: 2.44, caliperPeakC: 160 }, '2.4 % water, caliper 160 °C'],
    ['fluid', { class: 'DOT4', boilingC: 196 }, 'boils 196 °C'],
    ['pedal-ratio', { aMm: 270, bMm: 50 }, '5.40'],
    ['pedal', { freePlayMm: 6, held: { sankMm: 4, seconds: 30 } }, 'free play 6.0 mm, sank 4 mm in 30 s'],
    ['pedal', { masterMovementMm: 1.5, vacuumKPa: 70 }, 'master moves 1.5 mm, vacuum 70 kPa'],
    ['bearing', { playMm: 0.06 }, '0.060 mm'],
    ['hub-flex', { deflectionMm: 0.3 }, '0.30 mm'],
    ['drum', { boreMm: [228.6, 228.72] }, 'bore 228.60 mm, to 228.72 mm'],
    ['heat', { corners: { FL: { faceC: 320 }, RR: { caliperPeakC: 150 } } }, 'FL 320 °C, RR 150 °C'],
    ['judder', { speedKmh: 110, frequencyHz: 15.72 }, '110 km/h, 15.7 beats a second'],
    ['judder', { speedKmh: 110 }, '110 km/h'],
    ['some-day', { figure: 1 }, ''],
  ])('%s %o', (kind, input, said) => {
    expect(words(kind, input)).toBe(said);
  });

  it('a rotor by its runout, and by its thickness where that was taken', () => {
    const runoutMm = [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02];
    expect(words('rotor', { runoutMm })).toBe('runout 0.080 mm');
    const thicknessMm = [26.2, 26.21, 26.2, 26.2, 26.2, 26.19, 26.2, 26.2];
    expect(words('rotor', { runoutMm, thicknessMm })).toBe(
      'runout 0.080 mm, variation 0.020 mm, lowest 26.19 mm',
    );
    expect(words('rotor', { runoutMm }, {}, INCHES)).toBe('runout 0.0031 in');
  });

  it('pads by their lowest', () => {
    const pad = (leading: number) => ({ leading, trailing: 9 });
    const input = {
      caliper: {},
      newMm: 15,
      minimumMm: 3,
      corners: { FL: { inner: pad(7.4), outer: pad(9) } },
    };
    expect(words('pads', input)).toBe('lowest 7.4 mm');
  });

  it('as it was said in its day, where the rules were others', () => {
    const runoutMm = [0, 0.02, 0.05, 0.06, 0.05, 0.03];
    expect(words('rotor', { runoutMm }, { said: { tirMm: 0.055 } })).toBe('runout 0.055 mm');
  });

  it('as it was written, where today’s rules take it no more; and taken back as that', () => {
    expect(words('pads', null, { unreadable: { corners: { FL: 'eight' } } })).toBe(
      'as written, not readable by today’s rule: {"corners":{"FL":"eight"}}',
    );
    expect(words('pads', null, { unreadable: { long: 'x'.repeat(200) } })).toHaveLength(
      'as written, not readable by today’s rule: '.length + 80,
    );
    expect(words('pads', null)).toBe('taken back');
  });
});
