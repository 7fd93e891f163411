import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runIn } from '../calc';
import { deriveFindings } from '../derive';
import { readPads } from '../pads/pads';
import { READINGS } from '../registry';
import { traceOf } from '../traces';
import { findingOf } from '../vocabulary/findings';
import { type LookInInput, lookIn } from './lookIn';
import { LOOK_IDS, LOOKS, lookWords } from './looks';
import { lookIn as reading } from './reading';

const PAD = { newMm: 12, minimumMm: 3 };

describe('a look-in', () => {
  it('holds the lower pad against its limits as the pads themselves are held', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        (innerMm, outerMm) => {
          const pad = (mm: number) => ({ leading: mm, trailing: mm });
          const whole = readPads({
            ...PAD,
            caliper: {},
            corners: { FL: { inner: pad(innerMm), outer: pad(outerMm) } },
          });
          const quick = lookIn({ ...PAD, innerMm, outerMm });
          expect(quick.lowestMm).toBe(whole.corners.FL!.lowestMm);
          expect(quick.states.pad_thickness).toBe(whole.corners.FL!.states.pad_thickness);
        },
      ),
    );
  });

  it('traces a worn pad to its figure and limit, at its corner', () => {
    const input = { ...PAD, outerMm: 2.4, face: 'grooves', play: 'felt' } satisfies LookInInput;
    const { derived, result } = deriveFindings({ kind: 'look-in', corner: 'FR', input }, 'reading');
    expect(derived).toEqual([
      { id: 'pad_thickness', state: 'worn_out', place: 'FR', from: 'look-in' },
      { id: 'rotor_surface', state: 'grooves', place: 'FR', from: 'look-in' },
    ]);
    expect(traceOf('look-in', 'pad_thickness', 'worn_out', result as never, input, 'FR')).toMatchObject({
      value: 2.4,
      limit: { name: 'minimumMm', value: 3 },
    });
    expect(lookIn(input).after).toEqual(['play']);
  });

  it('says nothing of a pad whose sizes nobody knows, and that it cannot', () => {
    const { states, gaps } = lookIn({ innerMm: 4 });
    expect(states).toEqual({});
    expect(gaps.map(({ path }) => path)).toEqual(['newMm']);
  });

  it('takes the shop’s own least pad for the track', () => {
    const given = { newMm: 8, minimumMm: 2, innerMm: 5.5 };
    expect(lookIn(given).states.pad_thickness).toBe('ok');
    expect(lookIn({ ...given, limits: { trackPadMm: 6 } }).states.pad_thickness).toBe('low');
  });

  it.each([
    [{}, 'innerMm'],
    [{ innerMm: 61 }, 'innerMm'],
    [{ innerMm: 4, newMm: 3, minimumMm: 5 }, 'minimumMm'],
    [{ hose: 'gone' }, 'hose'],
  ])('refuses %j at %s', (input, path) => {
    const outcome = runIn(READINGS, 'look-in', input);
    expect(outcome.ok).toBe(false);
    if (!outcome.ok) expect(outcome.issues.map((issue) => issue.path)).toContain(path);
  });

  it('knows a word for all that can be seen, and faces as the check knows them', () => {
    for (const look of LOOK_IDS)
      for (const state of LOOKS[look].states) expect(lookWords(look, state)).not.toBe(state);
    expect([...LOOKS.face.states]).toEqual([...findingOf('rotor_surface').states]);
    expect(reading.seen!({ hose: 'wet', play: 'none' })).toEqual([
      { words: 'hose wet', isSuspect: true },
      { words: 'play by hand none felt', isSuspect: false },
    ]);
  });
});
