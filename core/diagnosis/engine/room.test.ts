import { describe, expect, it } from 'vitest';
import { copyOf, roomFor } from './room';

describe('room for what a verdict is worked out with', () => {
  it('is zeros, of whatever size, block after block', () => {
    for (const size of [0, 1, 8, 9, 340, 1024, 1025, 70_000]) {
      for (let time = 0; time < 40; time++) {
        const room = roomFor(size);
        expect(room).toHaveLength(size);
        expect(room.every((value) => value === 0)).toBe(true);
        room.fill(1);
      }
    }
  });

  it('is nobody else’s: what is written in one part shows in no other', () => {
    const parts = Array.from({ length: 60 }, (_, index) => roomFor(300).fill(index));
    parts.forEach((part, index) => {
      expect(part.every((value) => value === index)).toBe(true);
    });
  });

  it('holds a copy that can be written over', () => {
    const values = Float64Array.from({ length: 50 }, (_, index) => index / 3);
    const copy = copyOf(values);
    expect([...copy]).toEqual([...values]);
    copy[7] = -1;
    expect(values[7]).toBe(7 / 3);
  });
});
