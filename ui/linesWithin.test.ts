import { describe, expect, it } from 'vitest';
import { linesWithin } from './linesWithin';

describe('words in a few short lines', () => {
  it.each([
    ['Slide pins', ['Slide pins']],
    ['Rotor temperatures across the car', ['Rotor', 'temperatures', 'across the car']],
    ['Rotor-to-caliper movement', ['Rotor-to-caliper', 'movement']],
    [
      'Watch the master while a helper presses it hard',
      ['Watch the master', 'while a helper', 'presses it hard'],
    ],
    [
      'Hub face runout, rotor removed and put on again',
      ['Hub face runout,', 'rotor removed and', 'put on again'],
    ],
    ['Incomprehensibilities', ['Incomprehensibil…']],
    ['', ['']],
  ])('%s', (text, lines) => expect(linesWithin(text, 17, 3)).toEqual(lines));

  it('says that something was left out', () => {
    expect(linesWithin('Rotor temperatures across the car', 17, 2)).toEqual(['Rotor', 'temperatures acr…']);
    for (const line of linesWithin('one two three four five six seven eight nine ten', 9, 3))
      expect(line.length).toBeLessThanOrEqual(9);
  });
});
