import { describe, expect, it } from 'vitest';
import { startingSet } from '../car/startingSets';
import { byUrgency, type Urgency } from '../job/urgency';
import { applies, readingRefused } from './applies';
import { FINDINGS } from './vocabulary/findings';

const car = { ...startingSet('saloon'), name: 'Saloon' };
const drums = { ...car, rear: { ...car.rear, brake: 'drum' as const } };
const floating = {
  ...car,
  front: { ...car.front, rotor: 'two_piece' as const },
  rear: { ...car.rear, rotor: 'one_piece' as const },
};

describe('what a car is asked', () => {
  it.each([
    ['assist_start', 'none', false],
    ['assist_start', 'vacuum', true],
    ['assist_vacuum', 'hydraulic', false],
    ['assist_vacuum', null, true],
    ['assist_fluid', 'vacuum', false],
    ['assist_fluid', 'hydraulic', true],
  ] as const)('%s with assist %s: %s', (id, assist, asked) => {
    expect(applies(id, { ...car, assist })).toBe(asked);
  });

  it('is nothing about drums where there are discs, and nothing about discs where there are drums', () => {
    const drum = FINDINGS.filter(({ id }) => id.startsWith('drum_') || id === 'wheel_cylinder');
    expect(drum.length).toBeGreaterThan(0);
    for (const { id } of drum) {
      expect(applies(id, car), id).toBe(false);
      expect(applies(id, drums), id).toBe(true);
      expect(applies(id, drums, 'RL'), id).toBe(true);
      expect(applies(id, drums, 'FL'), id).toBe(false);
    }
    for (const id of ['rotor_runout', 'pad_thickness', 'slide_pins'] as const) {
      const sliding = { ...drums, front: { ...drums.front, caliper: 'sliding' as const } };
      expect(applies(id, sliding, 'FL'), id).toBe(true);
      expect(applies(id, sliding, 'RR'), id).toBe(false);
    }
  });

  it('is no slide pin of an opposed caliper, no float of a one-piece rotor, no parking brake where there is none', () => {
    const opposed = { ...car, front: { ...car.front, caliper: 'opposed' as const } };
    expect(applies('slide_pins', opposed, 'FL')).toBe(false);
    expect([applies('rotor_float', floating, 'FL'), applies('rotor_float', floating, 'RL')]).toEqual([
      true,
      false,
    ]);
    expect(applies('rotor_float', floating)).toBe(true);
    expect(applies('parking_brake', { ...car, parkingBrake: 'none' })).toBe(false);
  });
});

describe('a reading of a corner that has no such thing', () => {
  it('is refused by name, and any other taken', () => {
    expect(readingRefused('rotor', 'RL', drums)).toContain('RL has a drum');
    expect(readingRefused('pads', 'RR', drums)).toContain('no pad to read there');
    expect(readingRefused('drum', 'FL', drums)).toContain('FL has a disc');
    for (const [kind, corner] of [
      ['rotor', 'FL'],
      ['drum', 'RL'],
      ['bearing', 'RL'],
      ['fluid', ''],
    ] as const)
      expect(readingRefused(kind, corner, drums), kind).toBeUndefined();
  });
});

describe('the order of the board', () => {
  const job = (changes: Partial<Urgency> = {}): Urgency => ({
    holds: 0,
    out: false,
    neededAt: null,
    openedAt: '2026-05-02T08:00:00Z',
    ...changes,
  });

  it('is held first, then wanted soonest, then waiting longest', () => {
    const held = job({ holds: 2, openedAt: '2026-05-02T12:00:00Z' });
    const soon = job({ neededAt: '2026-05-02T13:00:00Z' });
    const later = job({ neededAt: '2026-05-03T13:00:00Z' });
    const old = job({ openedAt: '2026-05-01T08:00:00Z' });
    const fresh = job({ openedAt: '2026-05-02T09:00:00Z' });
    const wanted = [held, soon, later, old, fresh];
    for (let turn = 0; turn < wanted.length; turn++) {
      const turned = [...wanted.slice(turn), ...wanted.slice(0, turn)];
      expect(turned.sort(byUrgency)).toEqual(wanted);
    }
  });
});
