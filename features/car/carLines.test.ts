import { describe, expect, it } from 'vitest';
import { startingSet } from '@/core/car/startingSets';
import { INCHES, METRIC } from '../../tests/support/units';
import { axleLines, carLines } from './carLines';

const car = {
  ...startingSet('hatch'),
  massKg: 1000,
  masterBoreMm: 25.4,
  frontShare: 0.7,
  fluidFilledOn: '2026-05-31',
};
const said = (lines: { label: string; value: string }[], label: string) =>
  lines.find((line) => line.label === label)?.value;

describe('a specification as it is read', () => {
  it('has each figure with its unit, in the units of the device', () => {
    const own = carLines(car, METRIC, 'day_first');
    expect(said(own, 'Mass')).toBe('1000 kg');
    expect(said(own, 'Master bore')).toBe('25.40 mm');
    expect(said(own, 'Front share of the braking')).toBe('70 %');
    expect(said(own, 'Filled')).toBe('31 May 2026');
    const other = carLines(car, INCHES, 'month_first');
    expect(said(other, 'Mass')).toBe('2205 lb');
    expect(said(other, 'Filled')).toBe('May 31, 2026');
  });

  it('says nothing of what is not known, and has no motor where there is none', () => {
    const unknown = carLines({ ...car, massKg: null, abs: null, regenShare: null }, METRIC, 'day_first');
    expect(said(unknown, 'Mass')).toBe('—');
    expect(said(unknown, 'ABS')).toBe('—');
    expect(said(unknown, 'Motor takes')).toBeUndefined();
  });

  it('has what is of an axle twice; a drum has no rotor', () => {
    const front = { ...car.front, padNewMm: 11, padMinimumMm: 3 };
    const rear = { ...car.rear, padNewMm: null, padMinimumMm: null };
    const lines = axleLines({ ...car, front, rear }, METRIC);
    expect(lines.find(({ label }) => label === 'Rotor')).toMatchObject({ rear: '—' });
    expect(lines.find(({ label }) => label === 'Pad new / min mm')).toEqual({
      label: 'Pad new / min mm',
      front: '11 / 3',
      rear: '—',
      fields: ['padNewMm', 'padMinimumMm'],
    });
  });
});
