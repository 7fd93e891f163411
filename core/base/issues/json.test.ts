import { describe, expect, it } from 'vitest';
import { readJsonText } from './json';

const issueOf = (text: string, bounds?: { depth: number; values: number }) => {
  const outcome = readJsonText(text, 'body', bounds);
  return outcome.ok ? undefined : outcome.issues[0];
};

describe('JSON that somebody sent', () => {
  it('is read as it is', () => {
    const value = { a: [1, 'two', null, { b: true }], é: '😀 , ] " \\ ' };
    expect(readJsonText(JSON.stringify(value), 'body')).toEqual({ ok: true, value });
  });

  it('is refused by its depth before it is built, brackets in texts not counted', () => {
    expect(issueOf('['.repeat(100_000))).toMatchObject({ path: 'body', accepted: 'at most 24 deep' });
    expect(issueOf(`{"a":${'['.repeat(24)}${']'.repeat(24)}}`)).toMatchObject({ code: 'refused' });
    expect(issueOf(JSON.stringify({ a: '[[['.repeat(50), b: '\\"[[[['.repeat(50) }))).toBeUndefined();
  });

  it('is refused by its count, commas in texts not counted', () => {
    expect(issueOf(`[${'{},'.repeat(30_000)}{}]`)).toMatchObject({ value: 'more than 20000 values' });
    expect(issueOf('[1,2,3]', { depth: 2, values: 3 })).toMatchObject({ accepted: 'at most 3 values' });
    expect(issueOf('["1,2,3"]', { depth: 2, values: 2 })).toBeUndefined();
  });

  it('is refused with text that no database keeps, wherever it stands', () => {
    for (const text of [
      '{"a":"\\u0000"}',
      '{"\\u0000":1}',
      '["\\ud800"]',
      '["\\uDC00x"]',
      '{"a":[["\\ud83d"]]}',
    ])
      expect(issueOf(text), text).toMatchObject({ accepted: expect.stringContaining('plain text') });
    expect(issueOf('["\\ud83d\\ude00", "\\\\u0000"]')).toBeUndefined();
  });

  it('is refused when it is none, with the place', () => {
    expect(issueOf('{"a":')).toMatchObject({
      value: '5 characters',
      accepted: expect.stringContaining('JSON ('),
    });
    expect(issueOf('')).toMatchObject({ code: 'refused' });
  });
});
