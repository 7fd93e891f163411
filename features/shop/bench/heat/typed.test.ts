import { describe, expect, it } from 'vitest';
import { CIRCUIT_KINDS } from '@/core/car/circuits';
import { heatSessionSchema } from '@/core/readings/heat/sessionSchema';
import { INCHES, METRIC } from '../../../../tests/support/units';
import { type HeatTyped, heatReadings, heatStart, readHeatBench, zonesOf } from './typed';

const typed = (changes: Partial<HeatTyped> = {}): HeatTyped => ({ ...heatStart({}, METRIC), ...changes });

describe('what is typed on the heat bench', () => {
  it('is a session its calc takes from the start, on every invented circuit', () => {
    for (const kind of CIRCUIT_KINDS) {
      const { input, wrong } = readHeatBench(typed({ zones: zonesOf(kind, METRIC) }), METRIC);
      expect(wrong).toEqual({});
      expect(heatSessionSchema.safeParse(input).success, kind).toBe(true);
    }
  });

  it('keeps what a motor takes of a stop out of the rotor', () => {
    const typed = heatStart({ frontShare: 0.7, regenShare: 0.4 }, METRIC);
    expect(typed.regen).toBe('40');
    expect(readHeatBench(typed, METRIC).input!.car.axleShare).toBeCloseTo(0.42, 12);
    expect(readHeatBench({ ...typed, regen: '95' }, METRIC).wrong.regen).toBe('95 is not taken: 0 to 90 %');
    expect(readHeatBench({ ...typed, regen: '' }, METRIC).input!.car.axleShare).toBeCloseTo(0.7, 12);
  });

  it('starts from the car’s own figures, in the units shown', () => {
    const own = { massKg: 1640, frontShare: 0.72, rotorMassKg: 9.8, padLimitC: 700 };
    const { input } = readHeatBench(heatStart(own, INCHES), INCHES);
    expect(input!.car.massKg).toBeCloseTo(1640, 3);
    expect(input!.car.axleShare).toBe(0.72);
    expect(input!.car.rotorMassKg).toBeCloseTo(9.8, 4);
    expect(input!.limits!.padC).toBeCloseTo(700, 0);
    expect(input!.ambientC).toBeCloseTo(22, 0);
  });

  it('takes measured peaks where a lap has one, and leaves empty rows alone', () => {
    const { input } = readHeatBench(
      typed({
        peaks: [
          { lap: '6', rotorC: '520', caliperC: '' },
          { lap: '', rotorC: '', caliperC: '' },
        ],
      }),
      METRIC,
    );
    expect(input!.measured).toEqual([{ lap: 6, rotorC: 520 }]);
    expect(readHeatBench(typed(), METRIC).input).not.toHaveProperty('measured');
  });

  it.each([
    ['laps', { laps: '12.5' }, '12.5 is not a whole count of laps'],
    ['laps', { laps: '' }, 'needed'],
    ['share', { share: '170' }, '170 is not taken: 0 to 100 %'],
    [
      'to.0',
      { zones: [{ from: '90', to: '120', away: '10' }] },
      '120 is not under 90: a zone slows the car down',
    ],
    ['lap.0', { peaks: [{ lap: '30', rotorC: '500', caliperC: '' }] }, '30 is no lap of this session'],
    ['pad', { pad: '5' }, '5 is not taken: 50 to 1500 °C'],
  ])('says what is wrong with %s', (field, changes, words) => {
    const { input, wrong } = readHeatBench(typed(changes as Partial<HeatTyped>), METRIC);
    expect(input).toBeUndefined();
    expect(wrong[field]).toBe(words);
  });
});

describe('what a session gives to a job', () => {
  const measured = [
    { lap: '3', rotorC: '410', caliperC: '' },
    { lap: '9', rotorC: '520', caliperC: '160' },
  ];
  const read = (peaks: HeatTyped['peaks']) => readHeatBench(typed({ peaks }), METRIC).input!;

  it('is itself, and the highest of the peaks that were measured, at their corner', () => {
    expect(heatReadings(read(measured), 'FR')).toMatchObject([
      { kind: 'heat-session', input: { laps: 20 } },
      {
        kind: 'heat',
        input: { corners: { FR: { rotorPeakC: 520, caliperPeakC: 160 } }, fluidBoilingHereC: 205 },
      },
    ]);
  });

  it('is itself alone where nothing was measured, or nobody says at which corner', () => {
    expect(heatReadings(read([]), 'FR').map(({ kind }) => kind)).toEqual(['heat-session']);
    expect(heatReadings(read(measured), '').map(({ kind }) => kind)).toEqual(['heat-session']);
  });
});
