import { describe, expect, it } from 'vitest';
import { FINDINGS } from './findings';
import { afterPress, isAbnormal, statesIn, takesMore, togetherSaid } from './several';
import { stateWord } from './words';

describe('several states in one answer', () => {
  it('stand in the vocabulary’s order, each once', () => {
    expect(togetherSaid('rotor_surface', ['cracked', 'grooves', 'cracked'])).toBe('grooves,cracked');
    expect(statesIn('grooves,cracked')).toEqual(['grooves', 'cracked']);
    expect(stateWord('rotor_surface', 'grooves,cracked')).toBe('Grooves, cracked');
  });

  it('go on and off by a press, and the unremarkable one holds alone', () => {
    expect(afterPress('rotor_surface', '', 'grooves')).toBe('grooves');
    expect(afterPress('rotor_surface', 'grooves', 'deposits')).toBe('grooves,deposits');
    expect(afterPress('rotor_surface', 'grooves,deposits', 'grooves')).toBe('deposits');
    expect(afterPress('rotor_surface', 'deposits', 'deposits')).toBeNull();
    expect(afterPress('rotor_surface', 'grooves,deposits', 'smooth')).toBe('smooth');
    expect(afterPress('rotor_surface', 'smooth', 'grooves')).toBe('grooves');
  });

  it('take the place of each other where only one can hold', () => {
    expect(afterPress('bearing_play', 'ok', 'excess')).toBe('excess');
    expect(togetherSaid('bearing_play', ['ok', 'excess'])).toBe('ok');
    expect(takesMore('bearing_play', 'excess')).toBe(false);
    expect(takesMore('rotor_surface', 'smooth')).toBe(false);
    expect(takesMore('rotor_surface', 'grooves')).toBe(true);
  });

  it('are abnormal when any of them is', () => {
    expect(isAbnormal('rotor_surface', 'smooth')).toBe(false);
    expect(isAbnormal('rotor_surface', 'streaks,cracked')).toBe(true);
  });

  it('can be written down for every question: no state’s id holds the sign between them', () => {
    for (const { id, states } of FINDINGS)
      for (const state of states) expect(statesIn(state), `${id} ${state}`).toEqual([state]);
  });
});
