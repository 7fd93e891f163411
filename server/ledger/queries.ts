import { CIRCUIT_KINDS } from '../../core/car/circuits';
import { CAUSES } from '../../core/diagnosis/causes';
import { readOrder } from '../../core/job/ledgerSorts';
import { OUTCOME_IDS, type OutcomeId } from '../../core/job/outcomes';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { orderOf } from './sorts';

export type LedgerSearch = {
  car?: string;
  cause?: string;
  outcome?: string;
  words?: string;
  /** The year it was closed in. */
  year?: string;
  /** The kind of circuit the car ran on last before the job was opened. */
  circuit?: string;
  /** As `readOrder` takes it. */
  sort?: string;
  after?: string;
};

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
  /** Minutes its works took, where that was told. */
  minutes: number | null;
};

/** A job that is closed: what the database holds every closed one to. */
export type ClosedJob = RowOf<'jobs'> & { closedAt: Date; outcome: OutcomeId };

type FoundLine = Pick<
  ClosedJob,
  'id' | 'number' | 'carId' | 'complaint' | 'summary' | 'outcome' | 'openedAt' | 'closedAt'
> & { name: string; minutes: number | null; orderKey: string; confirmed: string[] };

export type LedgerPage = { lines: LedgerLine[]; next: string | null; total: number };

const PAGE = 40;
const YEAR = /^\d{4}$/;
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** Closed jobs as they are asked for, in the order that is asked for; paged by key, so that a page is the same however far it is. */
export async function searchLedger(search: LedgerSearch): Promise<LedgerPage> {
  const sql = database();
  const narrowed = narrowedBy(search);
  const { sort, descending } = readOrder(search.sort);
  const order = orderOf(sql, sort);
  const key = readKey(search.after, order.key);
  const way = descending ? sql`desc` : sql`asc`;
  const beyond = descending ? sql`<` : sql`>`;
  const [rows, counted] = await Promise.all([
    sql<FoundLine[]>`
      select jobs.id, number, car_id, cars.name, complaint, summary, outcome, opened_at, closed_at, took.minutes,
        (${order.by})::text as order_key,
        array(select cause from job_causes where job_id = jobs.id order by cause) as confirmed
      from jobs join cars on cars.id = car_id
        left join lateral (select sum(took_min)::int as minutes from works where works.job_id = jobs.id) took on true
      where ${narrowed}
        ${key ? sql`and (${order.by}, jobs.id) ${beyond} (${key.value}::text::${order.as}, ${key.id}::uuid)` : sql``}
      order by ${order.by} ${way}, jobs.id ${way} limit ${PAGE + 1}`,
    sql<{ count: number }[]>`select count(*)::int as count from jobs where ${narrowed}`,
  ]);
  const lines = rows.slice(0, PAGE).map(lineFromRow);
  const last = rows[PAGE - 1];
  return {
    lines,
    next: rows.length > PAGE && last ? keyOf(last.orderKey, last.id) : null,
    total: counted[0]!.count,
  };
}

/** Years in which jobs were closed, the newest first: from the first to the last, by the ends of the ledger's index. */
export async function ledgerYears(): Promise<number[]> {
  const [ends] = await database()<{ first: number | null; last: number | null }[]>`
    select extract(year from min(closed_at))::int as first, extract(year from max(closed_at))::int as last
    from jobs where closed_at is not null`;
  const { first, last } = ends!;
  if (first === null || last === null) return [];
  return Array.from({ length: last - first + 1 }, (_, back) => last - back);
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
    ${YEAR.test(search.year ?? '') ? sql`and extract(year from closed_at) = ${search.year!}::int` : sql``}
    ${(CIRCUIT_KINDS as string[]).includes(search.circuit ?? '') ? sql`and ${search.circuit!} = (select e.circuit from car_events e where e.car_id = jobs.car_id and e.dropped_at is null and e.on_date <= jobs.opened_at order by e.on_date desc, e.id limit 1)` : sql``}
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
    year: one('year'),
    circuit: one('circuit'),
    sort: one('sort'),
    after: one('after'),
  };
}

function lineFromRow(row: FoundLine): LedgerLine {
  return {
    id: row.id,
    number: row.number,
    carId: row.carId,
    carName: row.name,
    complaint: row.complaint,
    summary: row.summary,
    outcome: row.outcome,
    confirmed: row.confirmed,
    openedAt: row.openedAt.toISOString(),
    closedAt: row.closedAt.toISOString(),
    minutes: row.minutes,
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

/** The key keeps the database's own spelling of what the order goes by: a JavaScript date would lose its microseconds. */
function keyOf(value: string, id: string): string {
  return Buffer.from(JSON.stringify([value, id])).toString('base64url');
}

function readKey(after: string | undefined, looks: RegExp): { value: string; id: string } | undefined {
  if (!after || after.length > 400) return undefined;
  try {
    const [value, id] = JSON.parse(Buffer.from(after, 'base64url').toString()) as [unknown, unknown];
    return typeof value === 'string' && looks.test(value) && typeof id === 'string' && UUID.test(id)
      ? { value, id }
      : undefined;
  } catch {
    return undefined;
  }
}
