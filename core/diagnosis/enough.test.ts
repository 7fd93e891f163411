import { describe, expect, it } from 'vitest';
import { diagnose } from './diagnose';
import { isEnough } from './enough';

describe('enough', () => {
  it('is not reached by one word from the driver', () => {
    expect(isEnough(diagnose({ findings: [{ id: 'pedal_spongy', state: 'yes' }] }))).toBe(false);
    expect(isEnough(diagnose({ findings: [] }))).toBe(false);
  });

  it('is not reached by words alone, however clear', () => {
    const verdict = diagnose({
      findings: [
        { id: 'brake_conversion', state: 'yes' },
        { id: 'assist_removed', state: 'yes' },
        { id: 'pedal_hard', state: 'yes' },
      ],
    });
    expect(isEnough({ ...verdict, nextChecks: [] })).toBe(false);
  });

  it('is reached once the loose bearing has been measured', () => {
    const verdict = diagnose({
      findings: [
        { id: 'first_press_long', state: 'yes' },
        { id: 'after_cornering', state: 'yes' },
        { id: 'bearing_play', state: 'excess', place: 'FR' },
      ],
    });
    expect(isEnough(verdict)).toBe(true);
  });
});
