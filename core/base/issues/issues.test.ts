import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { describeIssue, showValue } from './issue';
import { nearest } from './nearest';
import { within, words } from './range';
import { parseWith } from './zod';

const schema = z.strictObject({
  mm: within(1, 5, 'mm'),
  kind: z.enum(['a', 'b']).optional(),
  list: z
    .array(z.strictObject({ on: z.boolean() }))
    .max(2, 'at most 2 entries')
    .optional(),
  note: words(5).optional(),
  count: z.int().optional(),
});

const issuesOf = (input: unknown) => {
  const outcome = parseWith(schema, input);
  return outcome.ok ? [] : outcome.issues;
};

describe('issues', () => {
  it('name the field as a script writes it, the value and what is accepted', () => {
    expect(issuesOf({ mm: 9 })).toEqual([
      { code: 'out_of_range', path: 'mm', value: '9', accepted: '1 to 5 mm is accepted' },
    ]);
    expect(issuesOf({ mm: 2, list: [{ on: true }, { on: 1 }] })[0]).toMatchObject({
      code: 'wrong_type',
      path: 'list[1].on',
      value: '1',
      accepted: 'a boolean is needed',
    });
    expect(issuesOf({ mm: 2, kind: 'c' })[0]).toMatchObject({
      path: 'kind',
      value: '"c"',
      accepted: 'one of a, b',
    });
    expect(issuesOf({ mm: 2, count: 1.5 })[0]).toMatchObject({
      path: 'count',
      accepted: 'a whole number is needed',
    });
  });

  it('come all together, unknown keys and missing fields among them', () => {
    expect(
      issuesOf({ kind: 'c', extra: 1, list: [{ on: true, off: false }] }).map((issue) => [
        issue.code,
        issue.path,
      ]),
    ).toEqual(
      expect.arrayContaining([
        ['missing', 'mm'],
        ['out_of_range', 'kind'],
        ['unknown_key', 'extra'],
        ['unknown_key', 'list[0].off'],
      ]),
    );
    expect(issuesOf(null)[0]).toMatchObject({ path: '', code: 'wrong_type' });
    expect(issuesOf([])[0]).toMatchObject({ path: '', code: 'wrong_type' });
  });

  it('never repeat a wall of text', () => {
    expect(issuesOf({ mm: 2, note: 'x'.repeat(500) })[0]).toMatchObject({
      value: '500 characters long',
      accepted: 'at most 5 characters',
    });
    expect(parseWith(z.string().min(1, 'a name'), '')).toMatchObject({
      issues: [{ value: 'empty', accepted: 'a name' }],
    });
    expect(issuesOf({ mm: 2, list: [1, 2, 3] }).find((issue) => issue.path === 'list')).toMatchObject({
      value: '3 entries',
    });
    expect(showValue({ a: 'y'.repeat(200) }).length).toBeLessThanOrEqual(60);
  });

  it('refuse what is no number, in any dress', () => {
    for (const mm of [Number.NaN, Number.POSITIVE_INFINITY, '3', null, [3]])
      expect(issuesOf({ mm }), String(mm)).toHaveLength(1);
  });

  it('read as one sentence', () => {
    expect(
      describeIssue({ code: 'out_of_range', path: 'mm', value: '9', accepted: '1 to 5 mm is accepted' }),
    ).toBe('mm is 9: 1 to 5 mm is accepted');
    expect(
      describeIssue({ code: 'missing', path: 'mm', value: 'missing', accepted: 'a number is needed' }),
    ).toBe('mm is missing: a number is needed');
    expect(describeIssue({ code: 'wrong_type', path: '', value: '1', accepted: 'an object is needed' })).toBe(
      'The input is 1: an object is needed',
    );
  });
});

describe('the nearest known word', () => {
  it('is found through a slip of the keys, and not invented', () => {
    const known = ['fluid', 'rotor', 'reindex', 'pads'];
    expect(nearest('fluit', known)).toBe('fluid');
    expect(nearest('Rotro', known)).toBe('rotor');
    expect(nearest('zzzzzz', known)).toBeUndefined();
  });

  it('is the word itself when it is known', () => {
    const known = ['pads', 'fluid', 'rotor', 'reindex'];
    for (const word of known) expect(nearest(word, known)).toBe(word);
  });
});
