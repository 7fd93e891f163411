import { describe, expect, it } from 'vitest';
import { answerEntry, changeEntry, tickEntry } from '@/tests/support/queue';
import type { Entry } from '../queue/write';
import { mayEnter } from './mayEnter';

const complaint = answerEntry('a');
const underTheCar: Entry = {
  ...complaint,
  body: { ...complaint.body, finding: 'pedal_hold', state: 'sinks' },
};
const words = changeEntry('history', 'New pads', '');
const wheels: Entry = { ...words, body: { changes: { wheelsOff: true }, was: { wheelsOff: false } } };
const step = tickEntry('s', 'w');

describe('what is entered', () => {
  it.each([
    ['owner', [true, true, true, true, true]],
    ['technician', [true, true, true, true, true]],
    ['driver', [true, false, true, false, false]],
    ['reader', [false, false, false, false, false]],
  ] as const)('by the %s', (role, expected) => {
    expect([complaint, underTheCar, words, wheels, step].map((entry) => mayEnter(role, entry))).toEqual(
      expected,
    );
  });
});
