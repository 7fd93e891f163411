import { parseWith } from '../../core/base/issues/zod';
import { fromSI, toSI, UNITS, type Unit } from '../../core/base/units/convert';
import { type ChangeTrial, TRIAL_FIGURES, type TrialFigure } from '../../core/job/changeTrial';
import { changeTrialSchema } from '../../core/job/changeTrialSchema';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { changeDropped } from '../dropped';
import { accept } from '../failure';
import { knownId } from '../ids';
import { once } from '../once';
import { rounded } from '../units';
import { lockOpenJob } from './append';

const TRIAL_COLUMNS = [
  'id',
  'jobId',
  'onDate',
  'change',
  'figure',
  'before',
  'after',
  'note',
  'recordedAt',
  'version',
] as const;

type TrialRow = Pick<RowOf<'change_trials'>, (typeof TRIAL_COLUMNS)[number]>;

/** Notes a trial of one change on an open job. */
export async function addTrial(jobId: string, input: unknown, now = new Date()): Promise<ChangeTrial> {
  const trial = accept(parseWith(changeTrialSchema, input));
  const job = knownId('job', jobId);
  return database('work').begin((tx) => {
    const stands = () => readTrial(tx, trial.id);
    return once(tx, { id: trial.id, kind: 'trial', target: job, content: trial }, stands, async () => {
      const { at } = await lockOpenJob(job, tx, now);
      const { id, onDate, change, figure, before, after, note } = trial;
      const si = inSI(figure);
      const columns = { id, jobId: job, onDate, change, figure, note, recordedAt: at };
      await tx`insert into change_trials ${tx({ ...columns, before: before.map(si), after: after.map(si) })}`;
      return stands();
    });
  });
}

/** Drops a trial that was noted by mistake, or puts it back. */
export async function changeTrial(id: string, input: unknown, now = new Date()): Promise<ChangeTrial> {
  const trials = {
    table: 'change_trials' as const,
    name: 'trial',
    fromRow: trialFromRow,
    columns: TRIAL_COLUMNS,
  };
  return database('work').begin(async (tx) => trialFromRow(await changeDropped(tx, trials, id, input, now)));
}

export function trialFromRow(row: TrialRow): ChangeTrial {
  const { figure } = row;
  const own = fromItsSI(figure);
  return {
    id: row.id,
    onDate: row.onDate,
    change: row.change,
    figure,
    before: row.before.map(own),
    after: row.after.map(own),
    note: row.note,
    recordedAt: row.recordedAt.toISOString(),
    version: row.version,
  };
}

/** Seconds and m/s² are SI as they stand. */
function inSI(figure: TrialFigure): (value: number) => number {
  const { unit } = TRIAL_FIGURES[figure];
  return (value) => (unit in UNITS ? toSI(value, unit as Unit) : value);
}

function fromItsSI(figure: TrialFigure): (value: number) => number {
  const { unit } = TRIAL_FIGURES[figure];
  return (value) => rounded(unit in UNITS ? fromSI(value, unit as Unit) : value);
}

async function readTrial(tx: Sql, id: string): Promise<ChangeTrial> {
  const [row] = await tx<RowOf<'change_trials'>[]>`select * from change_trials where id = ${id}`;
  return trialFromRow(row!);
}
