import type { Place } from '../../core/car/corner';
import type { CarSpec } from '../../core/car/spec';
import { startingSet } from '../../core/car/startingSets';
import type { CarTraits } from '../../core/car/traits';
import { runCalc } from '../../core/exchange/calcs';
import { caseFromSheet } from '../../core/exchange/casefile/fromSheet';
import type { OpenCase } from '../../core/exchange/casefile/open';
import type { CaseFile, CaseFinding } from '../../core/exchange/casefile/schema';
import type { FindingId } from '../../core/readings/vocabulary/findings';
import { togetherSaid } from '../../core/readings/vocabulary/several';
import { axleColumns, carColumns } from '../cars/rows';
import { oneAtATime } from '../db/oneAtATime';
import { database, type Sql } from '../db/sql';
import { accept } from '../failure';
import { withCases } from '../heavy/cases';
import { idFromContent } from '../ids';
import { figureColumns } from '../jobs/append';
import { getSheet, getSheets } from '../jobs/queries';

/** One job as a case file. */
export async function exportCase(jobId: string): Promise<CaseFile> {
  return caseFromSheet(await getSheet(jobId));
}

/** Jobs read at once while exporting, so that ten years of them need little memory. */
const BATCH = 50;

/** Every closed job, one case a line (NDJSON), oldest first. */
export async function* exportLedger(): AsyncGenerator<string> {
  const sql = database();
  const ids = (
    await sql<{ id: string }[]>`
    select id from jobs where closed_at is not null and outcome <> 'withdrawn' order by closed_at, id`
  ).map((row) => row.id);
  for (let from = 0; from < ids.length; from += BATCH) {
    for (const sheet of await getSheets(ids.slice(from, from + BATCH), sql))
      yield `${JSON.stringify(caseFromSheet(sheet))}\n`;
  }
}

export type ImportResult = { added: number; known: number; jobs: string[] };

/** A summary takes no more, characters: work that was listed apart goes into it. */
const LONGEST_SUMMARY = 4000;

/** Taking in ten years of cases is allowed this long. */
const IMPORT_MS = 5 * 60_000;

/**
 * Takes cases in: one case file, a list of them, or one a line. All of them or none. A case taken in before (the same
 * content) is not taken twice, by whoever sends it at the same time either: imports come one after another.
 */
export async function importCases(bytes: Uint8Array<ArrayBuffer>, now = new Date()): Promise<ImportResult> {
  return withCases(bytes, (batches) =>
    database('work', IMPORT_MS).begin(async (tx) => {
      await oneAtATime(tx, 'import');
      const result: ImportResult = { added: 0, known: 0, jobs: [] };
      for await (const batch of batches)
        for (const opened of batch) {
          const { jobId, isNew } = await takeCase(tx, opened, now);
          result.jobs.push(jobId);
          result[isNew ? 'added' : 'known'] += 1;
        }
      return result;
    }),
  );
}

/** Takes a case in, within a transaction that no other import runs beside; the same content was there before. */
export async function takeCase(
  tx: Sql,
  opened: OpenCase,
  now: Date,
): Promise<{ jobId: string; isNew: boolean }> {
  const jobId = idFromContent(JSON.stringify(opened.file));
  const known = await tx`select 1 from jobs where id = ${jobId}`;
  const isNew = known.length === 0;
  if (isNew) await writeCase(tx, { jobId, carId: await carFor(tx, opened.car, jobId), at: now }, opened);
  return { jobId, isNew };
}

/** Writes a case down as a job of a car. */
export async function writeCase(
  tx: Sql,
  { jobId, carId, at: now }: { jobId: string; carId: string; at: Date },
  { file }: OpenCase,
): Promise<void> {
  const { record } = file;
  const openedAt = new Date(record?.openedAt ?? record?.closedAt ?? now);
  await tx`insert into jobs ${tx({ id: jobId, carId, ...jobColumns(file, { openedAt, now }) })}`;
  await writeFindings(tx, jobId, file.findings, 'before', openedAt);
  await writeFindings(tx, jobId, record?.proof ?? [], 'after', openedAt);
  await writeReadings(tx, jobId, file.readings ?? [], openedAt);
  const causes = [...new Set(record?.confirmed ?? [])].map((cause) => ({ jobId, cause }));
  if (causes.length > 0) await tx`insert into job_causes ${tx(causes)}`;
  await writeHolds(tx, jobId, record?.holds ?? []);
}

/** The job's own fields; one with a record is closed. */
function jobColumns(file: CaseFile, { openedAt, now }: { openedAt: Date; now: Date }) {
  const { record, atHand } = file;
  const lines = [record?.summary ?? '', ...(record?.work ?? [])].filter((line) => line !== '');
  const closedAt = new Date(record?.closedAt ?? Math.max(now.getTime(), openedAt.getTime()));
  return {
    complaint: file.complaint ?? '',
    whenWhere: file.whenWhere ?? '',
    history: file.history ?? '',
    helper: atHand?.helper ?? true,
    wheelsOff: atHand?.wheelsOff ?? false,
    missing: atHand?.missing ?? [],
    openedAt,
    summary: lines.join('\n').slice(0, LONGEST_SUMMARY),
    ...(record ? { outcome: record.outcome, closedAt, closedBy: record.by || 'imported' } : {}),
  };
}

async function writeReadings(
  tx: Sql,
  jobId: string,
  readings: NonNullable<CaseFile['readings']>,
  at: Date,
): Promise<void> {
  const rows = readings.map(({ kind, corner = '', input }, index) => ({
    id: idFromContent(`${jobId} reading ${index}`),
    jobId,
    phase: 'before',
    kind,
    corner,
    recordedAt: at,
    ...figureColumns(tx, input, accept(runCalc(kind, input))),
  }));
  if (rows.length > 0) await tx`insert into readings ${tx(rows)} on conflict do nothing`;
}

type SignedHolds = NonNullable<NonNullable<CaseFile['record']>['holds']>;

async function writeHolds(tx: Sql, jobId: string, holds: SignedHolds): Promise<void> {
  const rows = holds.map(({ id: hold, how, by, at }, index) => ({
    id: idFromContent(`${jobId} hold ${index}`),
    jobId,
    hold,
    how,
    provedBy: by || 'imported',
    provedAt: new Date(at),
    // Signed elsewhere: its evidence is not on this record.
    byWord: true,
  }));
  if (rows.length > 0) await tx`insert into hold_proofs ${tx(rows)}`;
}

/**
 * The record holds one row a question and place: states that can hold together stand in it side by side; of a question
 * otherwise answered twice at one place the first answer is kept.
 */
async function writeFindings(
  tx: Sql,
  jobId: string,
  findings: readonly CaseFinding[],
  phase: 'before' | 'after',
  at: Date,
): Promise<void> {
  const slots = new Map<string, { finding: FindingId; place: Place | ''; states: string[] }>();
  for (const { id, corner, axle, state } of findings) {
    const place = corner ?? axle ?? '';
    const slot = slots.get(`${id} ${place}`);
    if (slot) slot.states.push(state);
    else slots.set(`${id} ${place}`, { finding: id as FindingId, place, states: [state] });
  }
  const rows = [...slots.values()].map(({ finding, place, states }, index) => ({
    id: idFromContent(`${jobId} ${phase} ${index}`),
    jobId,
    phase,
    finding,
    place,
    state: togetherSaid(finding, states),
    recordedAt: at,
  }));
  if (rows.length > 0) await tx`insert into findings ${tx(rows)} on conflict do nothing`;
}

/** The shop's car of that name, or a new one with what the case says of it. */
async function carFor(tx: Sql, traits: CarTraits, jobId: string): Promise<string> {
  const name = traits.name && traits.name !== '' ? traits.name : 'Imported car';
  const [known] = await tx<
    { id: string }[]
  >`select id from cars where name = ${name} order by created_at limit 1`;
  if (known) return known.id;
  const id = idFromContent(`${jobId} car`);
  const spec = specFrom(name, traits);
  await tx`insert into cars ${tx({ id, ...carColumns(spec) })}`;
  for (const axle of ['front', 'rear'] as const)
    await tx`insert into car_axles ${tx(axleColumns(id, axle, spec[axle]))}`;
  return id;
}

function specFrom(name: string, traits: CarTraits): CarSpec {
  const plain = startingSet('other');
  return {
    ...plain,
    name,
    assist: traits.booster === false ? 'none' : (traits.assist ?? null),
    abs: traits.abs ?? null,
    stabilityControl: traits.stabilityControl ?? null,
    parkingBrake: traits.parkingBrake ?? null,
    front: { ...plain.front, caliper: traits.caliper?.front ?? null, rotor: traits.rotor?.front ?? null },
    rear: {
      ...plain.rear,
      brake: traits.rearBrake ?? 'disc',
      caliper: traits.caliper?.rear ?? null,
      rotor: traits.rotor?.rear ?? null,
    },
  };
}
