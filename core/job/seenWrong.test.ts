import { describe, expect, it } from 'vitest';
import { answerRow } from '../../tests/support/sheet';
import { seenWrong } from './seenWrong';

const stiff = answerRow({ finding: 'slide_pins', state: 'stiff', place: 'FL' });

describe('what was found wrong and is so still', () => {
  it('is what a look at the standing car showed, at its place', () => {
    const answers = [
      stiff,
      answerRow({ finding: 'slide_pins', state: 'free', place: 'FR' }),
      answerRow({ finding: 'reservoir_level', state: 'low' }),
    ];
    expect(seenWrong({ answers })).toEqual([
      { id: 'slide_pins', state: 'stiff', place: 'FL' },
      { id: 'reservoir_level', state: 'low' },
    ]);
  });

  it('is nothing that the driver felt or that only a drive shows', () => {
    const answers = [
      answerRow({ finding: 'pedal_spongy', state: 'yes' }),
      answerRow({ finding: 'stop_effect', state: 'falls_with_heat' }),
      answerRow({ finding: 'system_opened', state: 'yes' }),
    ];
    expect(seenWrong({ answers })).toEqual([]);
  });

  it('is over once it was found right after the work, at that place; what is wrong then is new', () => {
    const right = answerRow({ finding: 'slide_pins', state: 'free', place: 'FL', phase: 'after' });
    expect(seenWrong({ answers: [stiff, right] })).toEqual([]);
    expect(seenWrong({ answers: [stiff, { ...right, implied: true }] })).toHaveLength(1);
    const elsewhere = { ...right, place: 'FR' as const };
    expect(seenWrong({ answers: [stiff, elsewhere] })).toHaveLength(1);
    const worse = answerRow({ finding: 'leak', state: 'caliper_or_cylinder', place: 'FL', phase: 'after' });
    expect(seenWrong({ answers: [stiff, right, worse] })).toEqual([
      { id: 'leak', state: 'caliper_or_cylinder', place: 'FL' },
    ]);
  });
});
