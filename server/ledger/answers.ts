import type { CauseId } from '../../core/diagnosis/causes';
import { PROCEDURES, type ProcedureId } from '../../core/planning/library';
import { runMinutes } from '../../core/planning/works';
import { database } from '../db/sql';
import { type LedgerSearch, narrowedBy } from './queries';

/** What was confirmed so often, how long it took to prove, how often it came back, and its minutes against the plan's. */
export type CauseAnswer = {
  cause: CauseId;
  jobs: number;
  /** Median from complaint to closing, days. */
  days: number;
  cameBack: number;
  /** Of the works that were finished by themselves and timed: how many, and minutes by the clock and by plan. */
  works: number;
  tookMin: number;
  plannedMin: number;
};

export type LedgerAnswers = {
  causes: CauseAnswer[];
  years: { year: number; jobs: number; causes: { cause: CauseId; jobs: number }[] }[];
};

/** The same cause on the same car within so many days has come back (a choice of ours). */
export const BACK_WITHIN_DAYS = 180;

/** Causes told of a year, the most often confirmed. */
const CAUSES_A_YEAR = 3;

/** What the closed jobs of a search come to. */
export async function ledgerAnswers(search: LedgerSearch): Promise<LedgerAnswers> {
  const sql = database();
  const narrowed = narrowedBy(search);
  const [causes, works, years, causesOfYears] = await Promise.all([
    sql<Pick<CauseAnswer, 'cause' | 'jobs' | 'days' | 'cameBack'>[]>`
      select k.cause, count(*)::int as jobs,
        percentile_cont(0.5) within group (order by extract(epoch from jobs.closed_at - jobs.opened_at)) / 86400 as days,
        count(*) filter (where exists (
          select from jobs later join job_causes again on again.job_id = later.id and again.cause = k.cause
          where later.car_id = jobs.car_id and later.opened_at > jobs.closed_at
            and later.opened_at < jobs.closed_at + ${BACK_WITHIN_DAYS}::int * interval '1 day'
        ))::int as came_back
      from jobs join job_causes k on k.job_id = jobs.id
      where ${narrowed} and teaches(jobs)
      group by k.cause order by count(*) desc, k.cause`,
    sql<(Timed & { cause: CauseId })[]>`
      select works.cause, works.procedure, count(*)::int as works, sum(took_min)::int as took
      from jobs join works on works.job_id = jobs.id
      where ${narrowed} and took_min is not null and works.cause is not null
      group by works.cause, works.procedure`,
    sql<{ year: number; jobs: number }[]>`
      select extract(year from jobs.closed_at)::int as year, count(*)::int as jobs
      from jobs where ${narrowed} group by 1 order by 1 desc`,
    sql<{ year: number; cause: CauseId; jobs: number }[]>`
      select extract(year from jobs.closed_at)::int as year, k.cause, count(*)::int as jobs
      from jobs join job_causes k on k.job_id = jobs.id
      where ${narrowed} group by 1, 2 order by 3 desc, 2`,
  ]);
  return {
    causes: causes.map((row) => ({
      ...{ cause: row.cause, jobs: row.jobs, days: row.days, cameBack: row.cameBack },
      ...minutesOf(works.filter((work) => work.cause === row.cause)),
    })),
    years: years.map(({ year, jobs }) => ({
      ...{ year, jobs },
      causes: causesOfYears
        .filter((row) => row.year === year)
        .slice(0, CAUSES_A_YEAR)
        .map((row) => ({ cause: row.cause, jobs: row.jobs })),
    })),
  };
}

type Timed = { procedure: string; works: number; took: number };

function minutesOf(rows: readonly Timed[]): Pick<CauseAnswer, 'works' | 'tookMin' | 'plannedMin'> {
  // Work of the shop's own has no plan to be held against.
  const timed = rows.filter(({ procedure }) => Object.hasOwn(PROCEDURES, procedure));
  const sum = (of: (row: Timed) => number) => timed.reduce((total, row) => total + of(row), 0);
  return {
    works: sum(({ works }) => works),
    tookMin: sum(({ took }) => took),
    plannedMin: sum(({ procedure, works }) => works * runMinutes(procedure as ProcedureId)),
  };
}
