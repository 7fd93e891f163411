import type { Row } from 'postgres';
import { CAUSES } from '../../core/diagnosis/causes';
import { OUTCOME_IDS, type OutcomeId } from '../../core/job/outcomes';
import { database } from '../db/sql';

export type LedgerSearch = { car?: string; cause?: string; outcome?: string; words?: string; after?: string };

export type LedgerLine = {
  id: string;
  number: number;
  carId: string;
  carName: string;
  complaint: string;
  summary: string;
  outcome: OutcomeId;
  confirmed: string[];
  openedAt: string;
  closedAt: string;
};

export type LedgerPage = { lines: LedgerLine[]; next: string | null; total: number };

const PAGE = 40;
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const MOMENT = /^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d{1,6})?[+-]\d\d(:\d\d)?$/;

/** Closed jobs, newest first, narrowed by car, cause, outcome and words; paged by key. */
export async function searchLedger(search: LedgerSearch): Promise<LedgerPage> {
  const sql = database();
  const narrowed = narrowedBy(search);
  const key = readKey(search.after);
  const [rows, counted] = await Promise.all([
    sql`
      select jobs.id, number, car_id, cars.name, complaint, summary, outcome, opened_at, closed_at, closed_at::text as closed_key,
        array(select cause from job_causes where job_id = jobs.id order by cause) as confirmed
      from jobs join cars on cars.id = car_id
      where ${narrowed} ${key ? sql`and (closed_at, jobs.id) < (${key.closedAt}::text::timestamptz, ${key.id})` : sql``}
      order by closed_at desc, jobs.id desc limit ${PAGE + 1}`,
    sql`select count(*)::int as count from jobs where ${narrowed}`,
  ]);
  const lines = rows.slice(0, PAGE).map(lineFromRow);
  const last = rows[PAGE - 1];
  return {
    lines,
    next: rows.length > PAGE && last ? `${last.closed_key}_${last.id}` : null,
    total: counted[0]!.count,
  };
}

/** What closed jobs a search means, as a condition on `jobs`. */
export function narrowedBy(search: LedgerSearch) {
  const sql = database();
  const wanted = wordQuery(search.words ?? '');
  return sql`
    closed_at is not null
    ${search.car && UUID.test(search.car) ? sql`and car_id = ${search.car}` : sql``}
    ${search.outcome && (OUTCOME_IDS as string[]).includes(search.outcome) ? sql`and outcome = ${search.outcome}` : sql``}
    ${CAUSES.some((cause) => cause.id === search.cause) ? sql`and exists (select 1 from job_causes k where k.job_id = jobs.id and k.cause = ${search.cause!})` : sql``}
    ${wanted ? sql`and (words @@ to_tsquery('simple', ${wanted.query}) or car_id in (select id from cars where name ilike ${wanted.like}) or exists (select 1 from job_causes k where k.job_id = jobs.id and k.cause = any(${wanted.causes})))` : sql``}`;
}

/** A search out of an address; what it does not know it leaves out. */
export function readSearch(given: Record<string, string | string[] | undefined>): LedgerSearch {
  const one = (name: string) =>
    typeof given[name] === 'string' && given[name] !== '' ? given[name] : undefined;
  return {
    car: one('car'),
    cause: one('cause'),
    outcome: one('outcome'),
    words: one('words'),
    after: one('after'),
  };
}

function lineFromRow(row: Row): LedgerLine {
  return {
    id: row.id,
    number: row.number,
    carId: row.car_id,
    carName: row.name,
    complaint: row.complaint,
    summary: row.summary,
    outcome: row.outcome,
    confirmed: row.confirmed,
    openedAt: row.opened_at.toISOString(),
    closedAt: row.closed_at.toISOString(),
  };
}

/** Every word must begin a word of the record; the phrase may also be part of a car's name or a cause's label. */
function wordQuery(text: string): { query: string; like: string; causes: string[] } | undefined {
  const parts = text
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu)
    ?.slice(0, 12);
  if (!parts) return undefined;
  const phrase = text.replaceAll('\0', '').trim().toLowerCase().slice(0, 100);
  return {
    query: parts.map((part) => `${part}:*`).join(' & '),
    like: `%${phrase.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`,
    causes: CAUSES.filter((cause) => cause.label.toLowerCase().includes(phrase)).map((cause) => cause.id),
  };
}

/** The key keeps the database's own spelling of the moment: a JavaScript date would lose its microseconds. */
function readKey(after: string | undefined): { closedAt: string; id: string } | undefined {
  const [closedAt = '', id = ''] = (after ?? '').split('_');
  return UUID.test(id) && MOMENT.test(closedAt) ? { closedAt, id } : undefined;
}
