import { describe, expect, it } from 'vitest';
import type { ShopRow } from '@/server/shop/queries';
import { METRIC } from '../../../tests/support/units';
import { setupContent, setupDraft } from './setupDraft';

const SHOP: ShopRow = {
  version: 3,
  isDemo: false,
  name: 'Elm Lane',
  circuit: '',
  altitudeM: 335,
  timeZone: 'Europe/Prague',
  fluidSchool: 'each_event',
  bleedOrder: 'furthest_first',
  twoBleeders: 'inner_outer',
  reservoirSchool: 'push_through',
  bleedMethod: 'pressure',
  potSchool: 'dry',
  bleedPressureKPa: 100,
  bottleMl: 500,
  strainerSchool: 'leave_in',
  catchMl: 600,
  bedInSchool: 'maker',
  learnStrength: 60,
  dateOrder: 'day_first',
  currency: 'EUR',
  signedInHours: 72,
  lengthUnit: 'mm',
  temperatureUnit: '°C',
  pressureUnit: 'kPa',
  limits: { runoutMm: 0.05 },
};

describe('the shop’s settings', () => {
  it('go back as they came where nobody typed', () => {
    const { version: _, isDemo: __, ...stands } = SHOP;
    expect(setupContent(setupDraft(SHOP, METRIC), SHOP.limits, METRIC)).toEqual(stands);
  });

  it('are taken in other units, typed along', () => {
    const draft = { ...setupDraft(SHOP, METRIC), altitudeM: '1100 ft', bleedPressureKPa: '15 psi' };
    const sent = setupContent(draft, SHOP.limits, METRIC);
    expect(sent.altitudeM).toBeCloseTo(335.28, 2);
    expect(sent.bleedPressureKPa).toBeCloseTo(103.42, 2);
  });

  it('that are no figure go as they are typed, to be refused by name', () => {
    const draft = {
      ...setupDraft(SHOP, METRIC),
      catchMl: 'a cup',
      learnStrength: '',
      limits: { runoutMm: 'little' },
    };
    expect(setupContent(draft, SHOP.limits, METRIC)).toMatchObject({
      catchMl: 'a cup',
      learnStrength: '',
      limits: { runoutMm: 'little' },
    });
  });
});
