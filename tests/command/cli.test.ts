import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { limitNow } from '../support/pace';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const BAVRIN = join(ROOT, 'bavrin');
let folder: string;

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'bavrin-cli-'));
  // Makes the bundle, so that timing below is what a person sees from the second call on.
  spawnSync(BAVRIN, ['calc', 'fluid', '-'], { input: '{"class":"DOT4"}' });
});
afterAll(() => rmSync(folder, { recursive: true }));

function bavrin(args: string[], input?: unknown) {
  const text = typeof input === 'string' ? input : JSON.stringify(input);
  const done = spawnSync(BAVRIN, args, { input: text, encoding: 'utf8', cwd: folder });
  return { status: done.status, out: done.stdout, err: done.stderr, json: () => JSON.parse(done.stdout) };
}

describe('./bavrin calc', () => {
  it('answers from a file named from where one stands, and from standard input', () => {
    writeFileSync(join(folder, 'fluid.json'), JSON.stringify({ class: 'DOT4', moisturePct: 2 }));
    const fromFile = bavrin(['calc', 'fluid', 'fluid.json']);
    expect(fromFile.status).toBe(0);
    expect(fromFile.json().boilingC).toBeCloseTo(180.6, 1);
    expect(bavrin(['calc', 'fluid', '-'], { class: 'DOT4', moisturePct: 2 }).out).toBe(fromFile.out);
  });

  it('has the bleed plan and the pedal ratio', () => {
    const plan = bavrin(['calc', 'bleed-plan', '-'], {
      masterSide: 'right',
      bleeders: { front: 2, rear: 1 },
      opened: true,
      stabilityControl: true,
      method: 'pressure',
      bottleMl: 500,
    }).json();
    expect(plan.order[0]).toMatchObject({ corner: 'RL', bleeder: 'single' });
    expect(plan).toMatchObject({ pressureKPa: 103, ceilingKPa: 200, cycleModulator: true });
    const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2, hAWPerK: 14.4 };
    const bedIn = bavrin(['calc', 'bed-in', '-'], {
      school: 'C',
      compound: 'street',
      car,
      ambientC: 25,
    }).json();
    expect(bedIn.stops).toHaveLength(10);
    expect(bedIn.predictedC).toHaveLength(10);
    const heat = { ...car, fromKmh: 200, toKmh: 80, intervalS: 25, ambientC: 25 };
    expect(bavrin(['calc', 'heat-stops', '-'], heat).json().energyKJ).toBeCloseTo(1659.3, 1);
    const springs = {
      forceN: 18,
      perSide: 2,
      mu: 0.42,
      effectiveRadiusM: 0.133,
      speedKmh: 200,
      rollingRadiusM: 0.316,
    };
    expect(bavrin(['calc', 'knockback-springs', '-'], springs).json().dragNm).toBeCloseTo(4.02, 2);
    const pedal = { master: { boreMm: 22.225 }, pedal: { ratio: 5.5 } };
    const travel = bavrin(['calc', 'travel', '-'], { ...pedal, pressureMPa: 7, masterMovementMm: 3 }).json();
    expect(travel.items).toEqual([{ id: 'master_movement', mm: 16.5 }]);
    const points = [40, 150, 400].map((forceN) => ({ forceN, travelMm: 20 + forceN / 20 }));
    expect(bavrin(['calc', 'travel-solve', '-'], { ...pedal, points }).json().gasLowMl).toBe(0);
    expect(bavrin(['calc', 'firmness', '-'], { ...pedal, points }).json().stiffnessNPerMm).toBeCloseTo(20, 6);
    const disc = { caliper: 'sliding', pistonsMm: [54], mu: 0.4, effectiveRadiusM: 0.12 };
    const whole = { ...pedal, pedal: { forceN: 300, ratio: 5.5 }, massKg: 1200, rollingRadiusM: 0.31 };
    expect(bavrin(['calc', 'hydraulics', '-'], { ...whole, front: disc, rear: disc }).json().frontShare).toBe(
      0.5,
    );
    const session = bavrin(['calc', 'heat-session', '-'], {
      car: { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2 },
      lap: { zones: [{ fromKmh: 190, toKmh: 80, thenS: 20 }] },
      laps: 3,
      ambientC: 20,
      cooling: 'core',
      limits: { padC: 90 },
    }).json();
    expect(session).toMatchObject({ padLimitLap: 1, fluidLimitLap: null });
    expect(session.laps).toHaveLength(3);
    expect(bavrin(['calc', 'pedal-ratio', '-'], { aMm: 264, bMm: 71 }).json().ratio).toBeCloseTo(3.718, 3);
  });

  it.each([
    ['a number as text', { class: 'DOT4', moisturePct: '2' }, 'moisturePct is "2"'],
    ['an unknown key', { class: 'DOT4', moisture: 2 }, 'moisture is not a known field'],
    ['a value out of range', { class: 'DOT4', moisturePct: 40 }, 'moisturePct is 40: 0 to 10 % is accepted'],
    ['a missing field', {}, 'class'],
    ['no object', [1], 'The input'],
    ['no JSON', '{', ': JSON ('],
  ])('refuses %s with exit 2 and an empty standard output', (_, input, said) => {
    const refused = bavrin(['calc', 'fluid', '-'], input);
    expect(refused).toMatchObject({ status: 2, out: '' });
    expect(refused.err).toContain(said);
  });

  it('refuses an unknown name with the nearest known one, and a missing file', () => {
    expect(bavrin(['calc', 'fluit', '-'], {})).toMatchObject({
      status: 2,
      out: '',
      err: expect.stringContaining('did you mean fluid?'),
    });
    expect(bavrin(['calc', 'toString', '-'], {}).status).toBe(2);
    expect(bavrin(['calc', 'fluid', 'nowhere.json'])).toMatchObject({
      status: 2,
      err: expect.stringContaining('nowhere.json'),
    });
    expect(bavrin(['calc', 'fluid'])).toMatchObject({ status: 2, err: expect.stringContaining('usage') });
  });
});

describe('./bavrin diagnose', () => {
  const { cases } = JSON.parse(readFileSync(join(ROOT, 'tests/cases/diagnosis.json'), 'utf8'));

  it('gives the verdict format, in well under a second', () => {
    // The quickest of three: beside other tests a machine pauses now and then.
    const runs = Array.from({ length: 3 }, () => {
      const started = performance.now();
      return { answer: bavrin(['diagnose', '-'], cases[0].case), ms: performance.now() - started };
    });
    expect(Math.min(...runs.map(({ ms }) => ms))).toBeLessThan(limitNow(1000));
    const { answer } = runs[0]!;
    expect(answer.status).toBe(0);
    expect(answer.err).toBe('');
    const verdict = answer.json();
    expect(verdict).toMatchObject({ format: 'bavrin-verdict', version: 1, holds: [], derived: [] });
    expect(verdict.causes[0]).toMatchObject({
      id: 'air_in_lines',
      evidence: expect.arrayContaining([expect.objectContaining({ finding: 'bubbles', corner: 'RL' })]),
    });
    expect(verdict.nextChecks[0]).toMatchObject({
      id: expect.any(String),
      bits: expect.any(Number),
      minutes: expect.any(Number),
    });
  });

  it('takes readings and derives from them', () => {
    const verdict = bavrin(['diagnose', '-'], {
      format: 'bavrin-case',
      version: 1,
      findings: [{ id: 'first_press_long', state: 'yes' }],
      readings: [{ kind: 'fluid', input: { class: 'DOT4', moisturePct: 3.2 } }],
    }).json();
    expect(verdict.derived).toEqual([
      { finding: 'fluid_moisture', state: 'wet', from: 'fluid', overruledByHand: false },
    ]);
    expect(verdict.holds[0]).toMatchObject({ id: 'fluid_wet', until: 'fluid replaced and re-tested' });
  });

  it('ends quietly where whoever reads has enough before the end', () => {
    const file = join(folder, 'long.json');
    writeFileSync(file, JSON.stringify({ format: 'bavrin-case', version: 1, findings: [] }));
    const piped = ['-c', 'set -o pipefail; "$0" diagnose "$1" | true', BAVRIN, file];
    expect(spawnSync('bash', piped, { encoding: 'utf8' })).toMatchObject({ status: 0, stderr: '' });
  });

  it('refuses unknown ids by name', () => {
    const refused = bavrin(['diagnose', '-'], {
      format: 'bavrin-case',
      version: 1,
      findings: [{ id: 'pedal_spungy', state: 'yes' }],
    });
    expect(refused).toMatchObject({ status: 2, out: '' });
    expect(refused.err).toContain('findings[0].id is "pedal_spungy"');
    expect(refused.err).toContain('pedal_spongy');
  });
});

describe('the case schema on file', () => {
  it('is the one the code would write', () => {
    const written = execFileSync(
      process.execPath,
      ['--import', 'tsx', join(ROOT, 'scripts/schema.ts'), '--print'],
      { encoding: 'utf8', cwd: ROOT },
    );
    expect(readFileSync(join(ROOT, 'docs/case.schema.json'), 'utf8')).toBe(written);
  });
});

describe('./bavrin', () => {
  it('says what it can do, and what it cannot', () => {
    expect(bavrin(['help']).out).toContain('./bavrin demo');
    expect(bavrin(['fly'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('no command called fly'),
    });
  });
});
