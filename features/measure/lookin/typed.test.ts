import { describe, expect, it } from 'vitest';
import type { CarSpec } from '@/core/car/spec';
import { startingSet } from '@/core/car/startingSets';
import { lookInSchema } from '@/core/readings/lookin/lookIn';
import { INCHES, METRIC } from '../../../tests/support/units';
import { allGood, lookInTypedFrom, looksAt, readLookIn } from './typed';

const set = startingSet('light_track');
const car = {
  ...set,
  front: { ...set.front, brake: 'disc', padNewMm: 12, padMinimumMm: 3 },
  rear: { ...set.rear, brake: 'drum' },
} as CarSpec;
const around = { car, corner: 'FL', units: METRIC, limits: {} } as const;
const blank = lookInTypedFrom(undefined, METRIC);

describe('a look-in as it is typed', () => {
  it('is nothing until something was looked at', () => {
    expect(readLookIn(blank, around)).toEqual({ entered: {} });
  });

  it('becomes what the calc takes, in the units it was typed in', () => {
    const { input, entered } = readLookIn(
      { ...blank, innerMm: '0.25', hose: 'good' },
      { ...around, units: INCHES },
    );
    expect(input).toMatchObject({ hose: 'good', newMm: 12, minimumMm: 3 });
    expect(input!.innerMm).toBeCloseTo(6.35, 10);
    expect(Object.keys(entered)).toEqual(['innerMm']);
    expect(lookInSchema.safeParse(input).success).toBe(true);
    expect(lookInTypedFrom(input, INCHES).innerMm).toBe('0.25');
  });

  it('names a figure that cannot be', () => {
    expect(readLookIn({ ...blank, outerMm: '77' }, around).wrong).toEqual({
      id: 'outerMm',
      why: 'Outer pad, low end is 77: 0 to 60 mm is accepted',
    });
  });

  it('in one press is good where nobody said otherwise, and leaves what was said and the figures', () => {
    const looks = looksAt(car, 'FL');
    const all = allGood({ ...blank, play: 'felt' }, looks);
    expect(all).toMatchObject({ innerMm: '', face: 'smooth', hose: 'good', boots: 'whole', play: 'felt' });
  });

  it('asks at a drum for what can be seen there', () => {
    expect(looksAt(car, 'RL')).not.toContain('face');
    expect(readLookIn({ ...blank, face: 'cracked' }, { ...around, corner: 'RL' }).input).toBeUndefined();
  });
});
