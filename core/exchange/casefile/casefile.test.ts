import { describe, expect, it } from 'vitest';
import { CAUSES } from '../../diagnosis/causes';
import { openCase } from './open';
import { verdictFile } from './verdictFile';

const minimal = { format: 'bavrin-case', version: 1, findings: [] };
const issuesOf = (input: unknown) => {
  const outcome = openCase(input);
  return outcome.ok ? [] : outcome.issues;
};
const opened = (input: unknown) => {
  const outcome = openCase(input);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issues));
  return outcome.value;
};

describe('case file', () => {
  it('needs format, version and findings only', () => {
    expect(issuesOf(minimal)).toEqual([]);
    expect(issuesOf({ format: 'bavrin-case', version: 1 })).toMatchObject([
      { code: 'missing', path: 'findings' },
    ]);
    expect(issuesOf({ ...minimal, version: 2 })[0]).toMatchObject({ path: 'version', value: '2' });
    expect(issuesOf('text')[0]).toMatchObject({ code: 'wrong_type' });
  });

  it('refuses unknown ids and states by name, with the nearest known one', () => {
    expect(issuesOf({ ...minimal, findings: [{ id: 'pedal_spungy', state: 'yes' }] })[0]).toMatchObject({
      path: 'findings[0].id',
      value: '"pedal_spungy"',
      accepted: expect.stringContaining('pedal_spongy'),
    });
    expect(issuesOf({ ...minimal, findings: [{ id: 'fluid_moisture', state: 'wett' }] })[0]).toMatchObject({
      path: 'findings[0].state',
      accepted: expect.stringContaining('did you mean wet?'),
    });
    expect(issuesOf({ ...minimal, readings: [{ kind: 'fluit', input: {} }] })[0]).toMatchObject({
      path: 'readings[0].kind',
    });
    expect(
      issuesOf({ ...minimal, record: { outcome: 'cured', confirmed: ['air_in_line'] } })[0]!.accepted,
    ).toContain('air_in_lines');
  });

  it('takes a corner only where the vocabulary has one', () => {
    expect(
      issuesOf({ ...minimal, findings: [{ id: 'pedal_spongy', state: 'yes', corner: 'FR' }] }),
    ).toHaveLength(1);
    expect(
      issuesOf({ ...minimal, findings: [{ id: 'bearing_play', state: 'excess', corner: 'XX' }] })[0],
    ).toMatchObject({
      path: 'findings[0].corner',
      accepted: 'one of FL, FR, RL, RR',
    });
    expect(
      issuesOf({ ...minimal, findings: [{ id: 'pad_wear_sides', state: 'differ', axle: 'rear' }] }),
    ).toEqual([]);
  });

  it('derives findings from readings, and lets the hand beat them and says so', () => {
    const readings = [{ kind: 'fluid', input: { class: 'DOT4', moisturePct: 3.2 } }];
    const derived = opened({ ...minimal, readings });
    expect(derived.findings).toEqual([{ id: 'fluid_moisture', state: 'wet' }]);
    const overruled = verdictFile(
      opened({ ...minimal, readings, findings: [{ id: 'fluid_moisture', state: 'dry' }] }),
    );
    expect(overruled.derived).toEqual([
      { finding: 'fluid_moisture', state: 'wet', from: 'fluid', overruledByHand: true },
    ]);
    expect(overruled.holds).toEqual([]);
  });

  it('names the field inside a reading it refuses', () => {
    expect(
      issuesOf({ ...minimal, readings: [{ kind: 'fluid', input: { class: 'DOT4', moisturePct: 40 } }] })[0],
    ).toMatchObject({
      path: 'readings[0].input.moisturePct',
      value: '40',
      accepted: expect.stringContaining('0 to 10 %'),
    });
  });

  it('gives every cause, most probable first', () => {
    const verdict = verdictFile(opened({ ...minimal, findings: [{ id: 'pedal_spongy', state: 'yes' }] }));
    expect(new Set(verdict.causes.map((cause) => cause.id)).size).toBe(CAUSES.length);
    const order = verdict.causes.map((cause) => cause.probability);
    expect(order).toEqual([...order].sort((left, right) => right - left));
  });
});
