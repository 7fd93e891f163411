import { describe, expect, it } from 'vitest';
import { runCalc } from '../../exchange/calcs';

const states = (name: string, input: unknown) => {
  const outcome = runCalc(name, input);
  return outcome.ok
    ? outcome.value.states
    : outcome.issues.map((issue) => `${issue.path}: ${issue.accepted}`);
};

describe('checks at the pedal', () => {
  it('holds each figure against its limit, one on the limit being inside', () => {
    const play = (freePlayMm: number) => states('pedal', { freePlayMm });
    expect([0.5, 1, 8, 8.5].map(play)).toEqual(
      ['none', 'in_range', 'in_range', 'excess'].map((pedal_free_play) => ({ pedal_free_play })),
    );
    expect(states('pedal', { masterMovementMm: 1, vacuumKPa: 55 })).toEqual({
      master_movement: 'still',
      assist_vacuum: 'ok',
    });
    expect(states('pedal', { masterMovementMm: 1.1, vacuumKPa: 54 })).toEqual({
      master_movement: 'moves',
      assist_vacuum: 'low',
    });
    expect(states('pedal', { freePlayMm: 0.5, limits: { freePlayLeastMm: 0.4 } })).toEqual({
      pedal_free_play: 'in_range',
    });
  });

  it('says nothing of a short hold that did not sink, and does of one that did', () => {
    expect(states('pedal', { held: { seconds: 30, sankMm: 1, forceN: 300 } })).toEqual({
      pedal_hold: 'holds',
    });
    expect(states('pedal', { held: { seconds: 5, sankMm: 9 } })).toEqual({ pedal_hold: 'sinks' });
    expect(states('pedal', { held: { seconds: 5, sankMm: 1 } })).toEqual({});
    expect(states('pedal', {})).toEqual([
      'freePlayMm: at least one of freePlayMm, held, masterMovementMm, vacuumKPa',
    ]);
  });

  it('prices a master that walks at the pedal: 3 mm at 5.7 is 17.1 mm', () => {
    const outcome = runCalc('pedal', { masterMovementMm: 3, pedalRatio: 5.7 });
    expect(outcome.ok && outcome.value.masterAtPedalMm).toBeCloseTo(17.1, 9);
  });
});

describe('hub flex and drums', () => {
  it('say stiff or moving, oval or slack', () => {
    expect(states('hub-flex', { deflectionMm: 0.15 })).toEqual({ hub_flex: 'stiff' });
    expect(states('hub-flex', { deflectionMm: 0.16 })).toEqual({ hub_flex: 'moves' });
    expect(states('drum', { boreMm: [228.1, 228.1], shoesMm: 227.7 })).toEqual({ drum_adjustment: 'ok' });
    expect(states('drum', { boreMm: [228.1, 228.4], shoesMm: 227.2 })).toEqual({
      drum_adjustment: 'slack',
      drum_surface: 'oval',
    });
    expect(states('drum', { boreMm: [228.1, 228.1], shoesMm: 229 })).toEqual({});
    expect(states('drum', { boreMm: [22.8, 228] })).toEqual(['boreMm[0]: 80 to 500 mm is accepted']);
  });
});

describe('heat round the car', () => {
  const around = (input: object) => {
    const outcome = runCalc('heat', input);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.issues));
    const { corners, gaps } = outcome.value as {
      corners: Record<string, { states: object }>;
      gaps: { path: string }[];
    };
    return {
      states: Object.fromEntries(Object.entries(corners).map(([corner, each]) => [corner, each.states])),
      gaps: gaps.map((gap) => gap.path),
    };
  };

  it('holds a wheel against the other one of its axle', () => {
    expect(around({ corners: { FL: { faceC: 240 }, FR: { faceC: 301 }, RL: { faceC: 120 } } })).toEqual({
      states: { FL: { heat_spread: 'even' }, FR: { heat_spread: 'one_hot' }, RL: {} },
      gaps: ['corners.RR.faceC'],
    });
    expect(around({ corners: { RL: { faceC: 470 }, RR: { faceC: 455 } } }).states).toEqual({
      RL: { heat_spread: 'all_hot' },
      RR: { heat_spread: 'all_hot' },
    });
    expect(around({ corners: { FL: { faceC: 460 }, FR: { faceC: 600 } } }).states.FL).toEqual({
      heat_spread: 'even',
    });
  });

  it('holds peaks against pad and fluid, and names what is missing', () => {
    const peaks = { FL: { rotorPeakC: 560, caliperPeakC: 171 } };
    expect(around({ corners: peaks })).toEqual({
      states: { FL: {} },
      gaps: ['padLimitC', 'fluidBoilingHereC'],
    });
    expect(around({ corners: peaks, padLimitC: { front: 550 }, fluidBoilingHereC: 200 }).states).toEqual({
      FL: { rotor_peak: 'over_pad_limit', caliper_peak: 'over_fluid_limit' },
    });
    expect(around({ corners: peaks, padLimitC: { front: 560 }, fluidBoilingHereC: 201 }).states).toEqual({
      FL: { rotor_peak: 'within', caliper_peak: 'within' },
    });
  });
});
