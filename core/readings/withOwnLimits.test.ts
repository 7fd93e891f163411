import { describe, expect, it } from 'vitest';
import { startingSet } from '../car/startingSets';
import { MEASURES } from './measures';
import { READINGS } from './registry';
import { withOwnLimits } from './withOwnLimits';

const car = { ...startingSet('heavy_coupe'), name: 'Coupe' };
const axle = { ...car.front, runoutLimitMm: 0.03, rotorMinimumMm: 26, playLimitMm: 0.02, padLimitC: 650 };

describe('the limits a reading is held against', () => {
  it('are the car’s, else the shop’s, whatever came with it', () => {
    const sent = {
      runoutMm: [0, 0.02],
      limits: { runoutMm: 1, dtvMm: 1 },
      limitsFrom: { runoutMm: 'car' },
      minimumMm: 1,
    };
    expect(withOwnLimits('rotor', sent, { axle, shop: { dtvMm: 0.015, runoutMm: 0.2 } })).toEqual({
      runoutMm: [0, 0.02],
      minimumMm: 26,
      limits: { runoutMm: 0.03, dtvMm: 0.015 },
      limitsFrom: { runoutMm: 'car', dtvMm: 'shop' },
    });
    expect(
      withOwnLimits('bearing', { playMm: 0.1, limitMm: 2, limitFrom: 'car' }, { axle, shop: {} }),
    ).toEqual({
      playMm: 0.1,
      limitMm: 0.02,
      limitFrom: 'car',
    });
    expect(withOwnLimits('hub-flex', { deflectionMm: 0.3, limitMm: 2 }, { axle, shop: {} })).toEqual({
      deflectionMm: 0.3,
    });
  });

  it('leave what is usual to the catalogue: nothing of it is written into the input', () => {
    for (const { kind, held } of Object.values(MEASURES))
      if (held && kind !== 'heat')
        expect(held.own({ car, axle: { ...car.front, rotorMinimumMm: null }, shop: {} }), kind).toEqual({});
  });

  it('are of fields the calc knows, for every kind that is written down', () => {
    for (const { kind, held } of Object.values(MEASURES)) {
      if (!held) continue;
      const refused = READINGS[kind]!({
        ...Object.fromEntries(held.fields.map((field) => [field, undefined])),
      });
      const paths = refused.ok ? [] : refused.issues.filter(({ code }) => code === 'unknown_key');
      expect(paths, kind).toEqual([]);
    }
  });

  it('know the pads’ own limit in a reading of the whole car', () => {
    const { padLimitC } = withOwnLimits(
      'heat',
      { corners: {}, padLimitC: { front: 1500 } },
      { car: { ...car, front: axle }, shop: {} },
    ) as { padLimitC: Record<string, number> };
    expect(padLimitC.front).toBe(650);
  });
});
