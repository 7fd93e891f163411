import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet } from '../../tests/support/sheet';
import { tickAll, tickRow, workRow } from '../../tests/support/work';
import { cardOf } from './card';
import { closingIssues, driveIssues } from './closing';
import { driveConditions } from './driveConditions';
import { outProof } from './outProof';
import { stageNotes, stageToOpen } from './progress';
import { proofChecks } from './proof';
import type { ProofDrive } from './proofDrive';
import type { JobSheet } from './sheet';
import { whatDidIt } from './whatDidIt';

const FIRM = [
  answerRow({ finding: 'pedal_now', state: 'firm', phase: 'after', minute: 40 }),
  answerRow({ finding: 'pedal_hold', state: 'holds', phase: 'after', minute: 40 }),
];
const SPONGY = answerRow({ finding: 'pedal_spongy', state: 'yes' });

const drive = (out: number, back?: number): ProofDrive => ({
  id: `o${out}`,
  driver: 'Mira',
  conditions: 'Hot, five laps',
  dueOn: '2026-05-02',
  outAt: at(out),
  back: back === undefined ? null : { id: `b${back}`, laps: 5, airC: 20, note: '', at: at(back) },
});

/** A spongy pedal, its work finished at minute 30, firm at rest. */
function worked(changes: Partial<JobSheet> = {}): JobSheet {
  const work = workRow(emptySheet(), 'slides');
  return emptySheet({
    answers: [SPONGY, ...FIRM],
    works: [work],
    ticks: tickAll(work).map((tick) => ({ ...tick, tickedAt: at(30) })),
    ...changes,
  });
}

const gone = (minute: number, state = 'no') =>
  answerRow({ finding: 'pedal_spongy', state, phase: 'after', minute });
const closing = (sheet: JobSheet, outcome: 'cured' | 'better' = 'cured') =>
  closingIssues(sheet, { outcome, confirmed: ['air_in_lines'] }).map(
    ({ path, value }) => `${path}: ${value}`,
  );

describe('out on proof', () => {
  it('is asked of whatever was complained of, and of nothing else', () => {
    expect(outProof(emptySheet()).state).toBe('not_asked');
    const onlyHow = answerRow({ finding: 'temperature_link', state: 'only_hot' });
    const fine = answerRow({ finding: 'pulls', state: 'no' });
    expect(outProof(emptySheet({ answers: [onlyHow, fine] })).state).toBe('not_asked');
    expect(outProof(worked()).state).toBe('wanted');
  });

  it('goes out, comes back, and is wanted again when more is done to the car', () => {
    const out = worked({ proofDrives: [drive(50)] });
    expect(outProof(out).state).toBe('out');
    expect(outProof(worked({ proofDrives: [drive(50, 70)] })).state).toBe('back');
    const more = (sheet: JobSheet) => ({
      ...sheet,
      ticks: [...sheet.ticks, tickRow('w', 'more', { tickedAt: at(80) })],
    });
    expect(outProof(more(worked({ proofDrives: [drive(50, 70)] }))).state).toBe('wanted');
    // Whatever is ticked meanwhile, it is out until it is back.
    expect(outProof(more(out)).state).toBe('out');
  });

  it('lets nothing be called cured that was not driven, is not back, or was not asked again', () => {
    expect(closing(worked())).toEqual(['drive: not driven since the work']);
    expect(closing(worked({ proofDrives: [drive(50)] }))).toEqual(['drive: not back yet']);
    expect(closing(worked({ proofDrives: [drive(50)] }), 'better')).toEqual(['drive: not back yet']);
    const back = worked({ proofDrives: [drive(50, 70)] });
    expect(closing(back)).toEqual(['proof.pedal_spongy: not asked since the drive']);
    expect(closing({ ...back, answers: [...back.answers, gone(75)] })).toEqual([]);
    expect(closing({ ...back, answers: [...back.answers, gone(75, 'yes')] })).toEqual([
      'proof.pedal_spongy: still there',
    ]);
    // An answer from before the drive says nothing of it.
    expect(closing({ ...back, answers: [...back.answers, gone(45)] })).toEqual([
      'proof.pedal_spongy: not asked since the drive',
    ]);
    // Something new is another matter.
    const squeal = answerRow({ finding: 'noise_squeal', state: 'yes', phase: 'after', minute: 76 });
    expect(closing({ ...back, answers: [...back.answers, gone(75), squeal] })).toEqual([]);
    // Less of it, not gone, needs no drive.
    expect(closing(worked(), 'better')).toEqual([]);
  });

  it('is not driven while the car is apart, held, or its pedal not proved firm at rest', () => {
    const paths = (sheet: JobSheet) => driveIssues(sheet).map(({ path }) => path);
    expect(paths(worked())).toEqual([]);
    expect(paths(worked({ answers: [SPONGY] }))).toEqual(['proof.pedal_now', 'proof.pedal_hold']);
    const lamp = answerRow({ finding: 'warning_light', state: 'brake' });
    expect(paths(worked({ answers: [SPONGY, lamp, ...FIRM] }))).toEqual(['holds.brake_lamp']);
    const open = worked();
    expect(paths({ ...open, ticks: open.ticks.slice(0, 3) })).toContain('works.w');
  });

  it('is what the work did: a complaint that stayed away came right by it', () => {
    const back = worked({ proofDrives: [drive(50, 70)] });
    const sheet = { ...back, answers: [...back.answers, gone(75)] };
    const checks = proofChecks(sheet);
    expect(checks.find(({ finding }) => finding === 'pedal_spongy')).toMatchObject({
      out: true,
      before: 'yes',
      after: 'no',
      change: 'came_right',
    });
    expect(whatDidIt(sheet, checks)).toContainEqual({ check: { finding: 'pedal_spongy' }, works: ['w'] });
  });

  it('shows on the board and in the stages', () => {
    const out = worked({ proofDrives: [drive(50)] });
    expect(cardOf(out).out).toMatchObject({ driver: 'Mira' });
    expect(cardOf(worked()).out).toBeUndefined();
    expect(stageNotes(out).proof).toBe('out on proof');
    expect(stageToOpen(emptySheet({ proofDrives: [drive(50)] }))).toBe('proof');
  });
});

describe('the conditions of a complaint', () => {
  const conditions = (words: string, ...answers: JobSheet['answers']) => {
    const sheet = emptySheet({ answers });
    return driveConditions({ ...sheet, job: { ...sheet.job, whenWhere: words } });
  };

  it('come from its answers and its words', () => {
    const hot = answerRow({ finding: 'temperature_link', state: 'only_hot' });
    const corners = answerRow({ finding: 'after_cornering', state: 'yes' });
    expect(conditions('From 120 km/h after six laps', hot, corners)).toEqual([
      { id: 'hot' },
      { id: 'laps', laps: 6 },
      { id: 'after_corners' },
      { id: 'speed', kmh: 120 },
    ]);
  });

  it('go by the answer where the words say something else, and are none where nothing was said', () => {
    const cold = answerRow({ finding: 'temperature_link', state: 'only_cold' });
    expect(conditions('after a few laps', cold)).toEqual([{ id: 'cold' }, { id: 'laps', laps: 3 }]);
    expect(conditions('')).toEqual([]);
  });
});
