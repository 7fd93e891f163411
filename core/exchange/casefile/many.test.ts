import { describe, expect, it } from 'vitest';
import { limitNow } from '../../../tests/support/pace';
import { openCases } from './many';

const good = { format: 'bavrin-case', version: 1, findings: [{ id: 'pedal_spongy', state: 'yes' }] };
const issuesOf = (text: string) => {
  const outcome = openCases(text);
  return outcome.ok ? [] : outcome.issues;
};

describe('many cases at once', () => {
  it('come as one, as a list, or one a line', () => {
    for (const text of [
      JSON.stringify(good),
      JSON.stringify([good], null, 2),
      JSON.stringify(good, null, 2),
      `${JSON.stringify(good)}\n`,
    ])
      expect(openCases(text), text).toMatchObject({ ok: true, value: { length: 1 } });
    expect(openCases(`${JSON.stringify(good)}\n\n${JSON.stringify(good)}\n`)).toMatchObject({
      ok: true,
      value: { length: 2 },
    });
  });

  it('are named by their place when they are wrong, the first fifty things of it', () => {
    expect(issuesOf(JSON.stringify([good, { ...good, version: 2 }]))[0]).toMatchObject({
      path: 'cases[1].version',
    });
    expect(issuesOf(`${JSON.stringify(good)}\nnot json`)[0]).toMatchObject({ path: 'line 2' });
    expect(issuesOf(JSON.stringify({ ...good, version: 2 }))[0]).toMatchObject({ path: 'version' });
    expect(issuesOf(JSON.stringify(Array.from({ length: 5000 }, () => ({}))))).toHaveLength(50);
  });

  it('are refused before they cost anything when they are too deep or too many', () => {
    const started = performance.now();
    expect(issuesOf('['.repeat(5_000_000))[0]).toMatchObject({ accepted: 'at most 24 deep' });
    expect(issuesOf(`[${'{},'.repeat(3_000_000)}{}]`)[0]).toMatchObject({ path: 'body' });
    expect(issuesOf(`[${'0,'.repeat(60_000)}0]`)[0]).toMatchObject({ value: '60001 cases' });
    expect(performance.now() - started).toBeLessThan(limitNow(3000));
  });

  it('closed before they were opened, or proved by no hold there is, are refused', () => {
    const record = { outcome: 'cured', confirmed: ['air_in_lines'] };
    const closed = { ...record, openedAt: '2026-05-02T10:00:00Z', closedAt: '2026-05-02T09:00:00Z' };
    expect(issuesOf(JSON.stringify({ ...good, record: closed }))[0]).toMatchObject({
      path: 'record.closedAt',
      accepted: expect.stringContaining('not before'),
    });
    const holds = [{ id: 'no_such', how: 'looked', by: 'x', at: '2026-05-02T09:00:00Z' }];
    expect(issuesOf(JSON.stringify({ ...good, record: { ...record, holds } }))[0]).toMatchObject({
      path: 'record.holds[0].id',
    });
  });
});
