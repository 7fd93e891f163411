import { afterEach, describe, expect, it, vi } from 'vitest';
import { z } from 'zod';
import { METRIC } from '../support/units';

/**
 * What has to be touched to add a fact of the trade, by adding one that is made up: the files that would be edited stand in
 * for themselves with the entry added, and everything else is loaded as it is.
 */
async function edited<T extends object>(file: string, change: (was: T) => Partial<T>): Promise<void> {
  const was = await vi.importActual<T>(file);
  vi.doMock(file, () => ({ ...was, ...change(was) }));
}

afterEach(() => {
  vi.doUnmock('../../core/car/figures');
  vi.doUnmock('../../core/readings/measures');
  vi.doUnmock('../../core/readings/registry');
  vi.doUnmock('../../core/readings/vocabulary/history');
  vi.doUnmock('../../core/diagnosis/knowledge/corner');
  vi.resetModules();
});

describe('to add a figure of the car', () => {
  it('takes its entry, and a column', async () => {
    await edited<typeof import('../../core/car/figures')>('../../core/car/figures', ({ CAR_FIGURES }) => ({
      CAR_FIGURES: {
        ...CAR_FIGURES,
        madeUpMm: {
          ...{ label: 'Made-up gap', unit: 'mm', low: 1, high: 9, column: 'madeUpM' },
          ...{ part: 'pedal', shown: 1 },
        },
      } as never,
    }));
    const { startingSet } = await import('../../core/car/startingSets');
    const { carSpecSchema } = await import('../../core/car/spec');
    const { carColumns } = await import('../../server/cars/rows');
    const { draftOf, inOtherUnits, specOf } = await import('../../features/car/fields');
    const { carLines } = await import('../../features/car/carLines');
    const { INCHES } = await import('../support/units');

    const blank = { ...startingSet('saloon'), name: 'A car' };
    expect(blank).toMatchObject({ madeUpMm: null });
    const car = { ...blank, madeUpMm: 2.54 };
    expect(carSpecSchema.safeParse(car).success).toBe(true);
    expect(carSpecSchema.safeParse({ ...car, madeUpMm: 10 }).error!.issues[0]!.message).toBe(
      '1 to 9 mm is accepted',
    );
    expect(carColumns(car)).toMatchObject({ madeUpM: 0.00254 });
    const draft = draftOf(car, METRIC);
    expect(draft).toMatchObject({ madeUpMm: '2.54' });
    expect(inOtherUnits(draft, [car], METRIC, INCHES)).toMatchObject({ madeUpMm: '0.1' });
    expect(specOf({ ...draft, madeUpMm: '0.1 in' } as never, METRIC).madeUpMm).toBeCloseTo(2.54, 9);
    expect(carLines(car, METRIC, 'day_first')).toContainEqual({
      ...{ label: 'Made-up gap', value: '2.5 mm', paths: ['madeUpMm'] },
    });
  });
});

describe('to add a reading of a few figures', () => {
  it('takes its definition and its sum, each with its line in a list; its form is asked for under its check', async () => {
    const { calc } = await import('../../core/readings/calc');
    const { defineReading } = await import('../../core/readings/definition');
    const schema = z.strictObject({ slackMm: z.number() });
    const definition = defineReading<z.infer<typeof schema>, unknown>({
      ...{ kind: 'made-up', label: 'Made-up slack', at: 'car', covers: ['pedal_linkage'] },
      traces: {
        pedal_linkage: {
          ...{ value: 'slackMm', unit: 'mm', decimals: 1, limits: ['limitMm'], rule: 'by trial' },
        },
      },
      figures: ({ slackMm }) => [{ value: slackMm, unit: 'mm', decimals: 1, after: 'slack' }],
    });
    const sum = calc(schema, ({ slackMm }) => ({
      states: { pedal_linkage: slackMm > 1 ? 'worn' : 'tight' },
      limits: [{ name: 'limitMm', value: 1, from: 'practice' }],
    }));
    await edited<typeof import('../../core/readings/measures')>(
      '../../core/readings/measures',
      ({ MEASURES }) => ({ MEASURES: { ...MEASURES, madeUp: definition } as never }),
    );
    await edited<typeof import('../../core/readings/registry')>(
      '../../core/readings/registry',
      ({ READINGS }) => ({ READINGS: { ...READINGS, 'made-up': sum } }),
    );
    const { formUnder, readingLabel } = await import('../../core/readings/measureOf');
    const { judge } = await import('../../core/job/judgement');
    const { emptySheet, readingRow } = await import('../support/sheet');
    const { runCalc } = await import('../../core/exchange/calcs');
    const { openCase } = await import('../../core/exchange/casefile/open');

    expect(formUnder('pedal_linkage')).toBe('madeUp');
    expect(readingLabel('made-up')).toBe('Made-up slack');
    const row = readingRow({ kind: 'made-up', corner: '', input: { slackMm: 2.5 } });
    const { derived, figures, verdict } = judge(emptySheet({ readings: [row] }));
    expect(derived.before).toMatchObject([
      {
        ...{ id: 'pedal_linkage', state: 'worn' },
        trace: { value: 2.5, limit: { value: 1, from: 'practice' }, rule: 'by trial' },
      },
    ]);
    expect(figures[row.id]).toMatchObject([{ value: 2.5, unit: 'mm', after: 'slack' }]);
    expect(verdict.causes[0]!.id).toBe('pedal_pivot_play');
    expect(runCalc('made-up', { slackMm: 'x' })).toMatchObject({ ok: false });
    const readings = [{ kind: 'made-up', input: { slackMm: 2.5 } }];
    expect(openCase({ format: 'bavrin-case', version: 1, findings: [], readings })).toMatchObject({
      ok: true,
    });
  });
});

describe('to add a finding', () => {
  it('takes its entry in the vocabulary, and its links in the knowledge', async () => {
    await edited<typeof import('../../core/readings/vocabulary/history')>(
      '../../core/readings/vocabulary/history',
      ({ HISTORY }) => ({
        HISTORY: [
          ...HISTORY,
          {
            ...{ id: 'made_up', stage: 'history', label: 'Made up', states: ['no', 'yes'] },
            leak: { yes: 0.02 },
          },
        ] as never,
      }),
    );
    const { link } = await import('../../core/diagnosis/knowledge/cause');
    await edited<typeof import('../../core/diagnosis/knowledge/corner')>(
      '../../core/diagnosis/knowledge/corner',
      ({ CORNER }) => ({
        CORNER: CORNER.map((cause) =>
          cause.cause === 'wheel_bearing_play'
            ? { ...cause, links: [...cause.links, link('made_up' as never, 'yes', 0.9, 'By trial')] }
            : cause,
        ),
      }),
    );
    const { diagnose } = await import('../../core/diagnosis/diagnose');
    const { openCase } = await import('../../core/exchange/casefile/open');
    const { HISTORY_FINDINGS } = await import('../../features/job/complaint/groups');
    const { stateWord } = await import('../../core/readings/vocabulary/words');

    const long = { id: 'first_press_long', state: 'yes' } as const;
    const bearing = (findings: Parameters<typeof diagnose>[0]['findings']) =>
      diagnose({ findings }).causes.find(({ id }) => id === 'wheel_bearing_play')!.probability;
    expect(bearing([long, { id: 'made_up' as never, state: 'yes' }])).toBeGreaterThan(bearing([long]));
    expect(diagnose({ findings: [long] }).nextQuestions.map(({ id }) => id)).toContain('made_up');
    expect(HISTORY_FINDINGS).toContain('made_up');
    expect(stateWord('made_up' as never, 'yes')).toBe('Yes');
    const file = { format: 'bavrin-case', version: 1, findings: [{ id: 'made_up', state: 'yes' }] };
    expect(openCase(file)).toMatchObject({ ok: true });
  });
});

describe('to change what is usual', () => {
  it('takes its figure in the catalogue: every sum, and what is heard in words, goes by that', async () => {
    vi.resetModules();
    const { LIMIT_SPECS } = await import('../../core/car/limits/catalogue');
    for (const name of ['runoutMm', 'dtvMm', 'hubLimitMm', 'playLimitMm', 'wetFromPct'] as const)
      Object.assign(LIMIT_SPECS[name], { usual: 3 * LIMIT_SPECS[name].usual });
    const { READINGS } = await import('../../core/readings/registry');
    const { readWords } = await import('../../core/diagnosis/words/words');
    const statesOf = (kind: string, input: unknown) => {
      const read = READINGS[kind]!(input);
      return read.ok ? read.value.states : read.issues;
    };
    const turn = (mm: number) => [0, mm / 2, mm, mm / 2, 0, 0, 0, 0];

    // All of these are past what was usual, and inside three times as much.
    expect(
      statesOf('rotor', { runoutMm: turn(0.1), thicknessMm: turn(0.04).map((over) => 24 + over) }),
    ).toMatchObject({ rotor_runout: 'ok', rotor_dtv: 'ok' });
    expect(statesOf('bearing', { playMm: 0.1 })).toEqual({ bearing_play: 'ok' });
    expect(statesOf('reindex', { hub: { runoutMm: turn(0.06), radiusMm: 70 }, studs: 5 })).toMatchObject({
      hub_runout: 'ok',
    });
    expect(statesOf('fluid', { class: 'DOT4', moisturePct: 4 })).toEqual({ fluid_moisture: 'borderline' });
    expect(readWords('runout 0.1 front left').suggestions).toMatchObject([
      { finding: 'rotor_runout', state: 'ok' },
    ]);
  });
});
