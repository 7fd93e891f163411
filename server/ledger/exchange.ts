import type { CarSpec } from '../../core/car/spec';
import { startingSet } from '../../core/car/startingSets';
import type { CarTraits } from '../../core/car/traits';
import { caseFromSheet } from '../../core/casefile/fromSheet';
import { type OpenCase, openCase } from '../../core/casefile/open';
import type { CaseFile, CaseFinding } from '../../core/casefile/schema';
import type { Issue } from '../../core/issues/issue';
import { axleColumns, carColumns } from '../cars/rows';
import { database, type Sql } from '../db/sql';
import { refused } from '../failure';
import { refuseNullCharacter } from '../http/route';
import { idFromContent } from '../ids';
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
  const ids = (await sql`select id from jobs where closed_at is not null order by closed_at, id`).map(
    (row) => row.id as string,
  );
  for (let from = 0; from < ids.length; from += BATCH) {
    for (const sheet of await getSheets(ids.slice(from, from + BATCH), sql))
      yield `${JSON.stringify(caseFromSheet(sheet))}\n`;
  }
}

export type ImportResult = { added: number; known: number; jobs: string[] };

/**
 * Takes cases in: one case file, a list of them, or one a line. All of them or none. A case taken in before (the same
 * content) is not taken twice.
 */
export async function importCases(text: string, now = new Date()): Promise<ImportResult> {
  refuseNullCharacter(text);
  const cases = readCases(text);
  return database().begin(async (tx) => {
    const result: ImportResult = { added: 0, known: 0, jobs: [] };
    for (const opened of cases) {
      const jobId = idFromContent(JSON.stringify(opened.file));
      result.jobs.push(jobId);
      const known = await tx`select 1 from jobs where id = ${jobId}`;
      if (known.length > 0) {
        result.known += 1;
        continue;
      }
      await writeCase(tx, jobId, opened, now);
      result.added += 1;
    }
    return result;
  });
}

function readCases(text: string): OpenCase[] {
  const issues: Issue[] = [];
  const opened = parseCases(text).flatMap((input, index, all): OpenCase[] => {
    const outcome = openCase(input);
    if (outcome.ok) return [outcome.value];
    issues.push(
      ...outcome.issues.map((issue) => ({
        ...issue,
        path: all.length === 1 ? issue.path : `cases[${index}].${issue.path}`,
      })),
    );
    return [];
  });
  if (issues.length > 0) throw refused(issues.slice(0, 50));
  return opened;
}

function parseCases(text: string): unknown[] {
  try {
    const whole = JSON.parse(text);
    return Array.isArray(whole) ? whole : [whole];
  } catch {
    return text
      .split('\n')
      .filter((line) => line.trim() !== '')
      .map((line, index) => {
        try {
          return JSON.parse(line);
        } catch (error) {
          throw refused([
            {
              code: 'refused',
              path: `line ${index + 1}`,
              value: `${line.length} characters`,
              accepted: `JSON (${(error as Error).message})`,
            },
          ]);
        }
      });
  }
}

async function writeCase(tx: Sql, jobId: string, { file, car }: OpenCase, now: Date): Promise<void> {
  const { record } = file;
  const carId = await carFor(tx, car, jobId);
  const openedAt = record?.openedAt ? new Date(record.openedAt) : now;
  await tx`
    insert into jobs ${tx({
      id: jobId,
      car_id: carId,
      complaint: file.complaint ?? '',
      when_where: file.whenWhere ?? '',
      history: file.history ?? '',
      helper: file.atHand?.helper ?? true,
      wheels_off: file.atHand?.wheelsOff ?? false,
      missing: file.atHand?.missing ?? [],
      opened_at: openedAt,
      summary: [record?.summary ?? '', ...(record?.work ?? [])]
        .filter((line) => line !== '')
        .join('\n')
        .slice(0, 4000),
      ...(record
        ? {
            outcome: record.outcome,
            closed_at: record.closedAt ? new Date(record.closedAt) : now,
            closed_by: record.by || 'imported',
          }
        : {}),
    })}`;
  await writeFindings(tx, jobId, file.findings, 'before', openedAt);
  await writeFindings(tx, jobId, record?.proof ?? [], 'after', openedAt);
  for (const [index, reading] of (file.readings ?? []).entries()) {
    await tx`
      insert into readings ${tx({ id: idFromContent(`${jobId} reading ${index}`), job_id: jobId, phase: 'before', kind: reading.kind, corner: reading.corner ?? '', input: tx.json(reading.input as never), recorded_at: openedAt })}
      on conflict do nothing`;
  }
  for (const cause of new Set(record?.confirmed ?? []))
    await tx`insert into job_causes ${tx({ job_id: jobId, cause })}`;
  for (const [index, hold] of (record?.holds ?? []).entries()) {
    await tx`
      insert into hold_proofs ${tx({ id: idFromContent(`${jobId} hold ${index}`), job_id: jobId, hold: hold.id, how: hold.how, proved_by: hold.by || 'imported', proved_at: new Date(hold.at) })}`;
  }
}

/** A question answered twice at one place keeps its first answer: the record holds one row a slot. */
async function writeFindings(
  tx: Sql,
  jobId: string,
  findings: readonly CaseFinding[],
  phase: 'before' | 'after',
  at: Date,
): Promise<void> {
  for (const [index, finding] of findings.entries()) {
    await tx`
      insert into findings ${tx({ id: idFromContent(`${jobId} ${phase} ${index}`), job_id: jobId, phase, finding: finding.id, place: finding.corner ?? finding.axle ?? '', state: finding.state, recorded_at: at })}
      on conflict do nothing`;
  }
}

/** The shop's car of that name, or a new one with what the case says of it. */
async function carFor(tx: Sql, traits: CarTraits, jobId: string): Promise<string> {
  const name = traits.name && traits.name !== '' ? traits.name : 'Imported car';
  const [known] = await tx`select id from cars where name = ${name} order by created_at limit 1`;
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
