import { LIMIT_SPECS } from '../../core/car/limits/catalogue';
import { CAUSES } from '../../core/diagnosis/causes';
import type { FindEntry } from '../../core/exchange/find/entry';
import { PROCEDURES } from '../../core/planning/library';
import { PART_KINDS, type PartKind } from '../../core/planning/shelf/parts';
import { FINDINGS } from '../../core/readings/vocabulary/findings';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

/** Jobs and parts that can be found by name at once; the ledger has its own search over all. */
const MOST = 600;

/** All that can be found from any screen, of each kind the newest first. */
export async function findEntries(): Promise<FindEntry[]> {
  const sql = database();
  const found = await Promise.all([
    findCars(sql),
    findJobs(sql),
    findParts(sql),
    findLots(sql),
    findBenches(sql),
  ]);
  return [...found.flat(), ...BUILT_IN];
}

async function findCars(sql: Sql): Promise<FindEntry[]> {
  const rows = await sql<
    Pick<RowOf<'cars'>, 'id' | 'name' | 'note'>[]
  >`select id, name, note from cars order by lower(name), id`;
  return rows.map((row) => entry('car', row.id, row.name, row.note, `/car/${row.id}`));
}

async function findJobs(sql: Sql): Promise<FindEntry[]> {
  const rows = await sql<
    (Pick<RowOf<'jobs'>, 'id' | 'number' | 'complaint'> & { closed: boolean; car: string })[]
  >`
    select j.id, j.number, j.complaint, j.closed_at is not null as closed, c.name as car
    from jobs j join cars c on c.id = j.car_id order by j.opened_at desc limit ${MOST}`;
  return rows.map(({ id, number, complaint, closed, car }) => {
    const about = `${car}, job ${number}${closed ? '' : ', in the bay'}`;
    return entry('job', id, complaint || `Job ${number}`, about, closed ? `/ledger/${id}` : `/job/${id}`);
  });
}

async function findParts(sql: Sql): Promise<FindEntry[]> {
  const rows = await sql<
    (Pick<RowOf<'fitted_parts'>, 'id' | 'kind' | 'place' | 'what' | 'batch' | 'carId'> & { car: string })[]
  >`
    select p.id, p.kind, p.place, p.what, p.batch, p.car_id, c.name as car
    from fitted_parts p join cars c on c.id = p.car_id where p.removed_on is null order by p.fitted_on desc, p.id limit ${MOST}`;
  return rows.map((row) => {
    const about = `${row.car} ${row.place} ${row.batch}`.trim();
    return entry('part', row.id, row.what, about, `/car/${row.carId}#fitted`, kindWords(row.kind));
  });
}

async function findLots(sql: Sql): Promise<FindEntry[]> {
  const rows = await sql<Pick<RowOf<'shelf'>, 'id' | 'kind' | 'what' | 'batch'>[]>`
    select id, kind, what, batch from shelf where dropped_at is null and quantity > 0 order by added_at desc, id limit ${MOST}`;
  return rows.map(({ id, kind, what, batch }) =>
    entry('part', id, what, `On the shelf ${batch}`.trim(), '/shelf', kindWords(kind)),
  );
}

async function findBenches(sql: Sql): Promise<FindEntry[]> {
  const rows = await sql<
    (Pick<RowOf<'bench_states'>, 'id' | 'bench' | 'name' | 'carId'> & { car: string })[]
  >`
    select b.id, b.bench, b.name, b.car_id, c.name as car from bench_states b join cars c on c.id = b.car_id
    where b.dropped_at is null order by b.seq desc limit ${MOST}`;
  return rows.map(({ id, bench, name, car, carId }) =>
    entry('bench', id, name, `${car}, ${bench} bench`, `/bench/${bench}?car=${carId}&kept=${id}`),
  );
}

function entry(
  kind: FindEntry['kind'],
  id: string,
  title: string,
  about: string,
  href: string,
  also?: string,
): FindEntry {
  return { kind, id: `${kind} ${id}`, title, about, href, ...(also ? { also } : {}) };
}

function kindWords(kind: string): string {
  return Object.hasOwn(PART_KINDS, kind) ? PART_KINDS[kind as PartKind] : '';
}

/** What every shop has: work, findings, causes, limits. */
const BUILT_IN: FindEntry[] = [
  entry('screen', 'readings', 'Readings from a table', 'CSV in and out', '/ledger/readings', 'import export'),
  entry('screen', 'labels', 'Labels', 'Codes for bottles, cars and parts', '/labels', 'qr code print'),
  ...Object.entries(PROCEDURES).map(([id, { label, about }]) =>
    entry('procedure', id, label, about, `/job/new?${new URLSearchParams({ says: label })}`),
  ),
  ...FINDINGS.map(({ id, label }) =>
    entry(
      'finding',
      id,
      label,
      'What it speaks for',
      `/setup/knowledge?${new URLSearchParams({ find: label })}`,
      id.replaceAll('_', ' '),
    ),
  ),
  ...CAUSES.map(({ id, label }) =>
    entry(
      'cause',
      id,
      label,
      'What speaks for it',
      `/setup/knowledge?${new URLSearchParams({ find: label })}`,
    ),
  ),
  ...Object.entries(LIMIT_SPECS).map(([id, { label, group, about }]) =>
    entry('setting', id, label, `Limit, ${group.toLowerCase()}: ${about}`, '/setup#limits'),
  ),
];
