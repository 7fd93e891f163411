import { parseWith } from '../../core/base/issues/zod';
import { driveIssues } from '../../core/job/closing';
import type { ProofDrive } from '../../core/job/proofDrive';
import { driveBackSchema, newProofDriveSchema } from '../../core/job/proofDriveSchema';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, Failure, notFound } from '../failure';
import { knownId } from '../ids';
import { once } from '../once';
import { fromCelsius } from '../units';
import { lockOpenJob, refuseIssues } from './append';
import { getSheet } from './queries';
import { proofDriveFromRow } from './rows';

/** Sends a car out on proof; refused while it is apart, held, out already, or its pedal is not proved firm at rest. */
export async function sendOut(jobId: string, input: unknown, now = new Date()): Promise<ProofDrive> {
  const drive = accept(parseWith(newProofDriveSchema, input));
  const job = knownId('job', jobId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: drive.id, kind: 'proof_drive', target: job, content: drive },
      () => readDrive(tx, drive.id),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const sheet = await getSheet(job, tx);
        const last = sheet.proofDrives.at(-1);
        if (last && !last.back)
          throw new Failure('stale', 'The car is out on proof already.', { current: last });
        refuseIssues(driveIssues(sheet));
        const { id, driver, conditions, dueOn } = drive;
        await tx`insert into proof_drives ${tx({ id, jobId: job, driver, conditions, dueOn, outAt: at })}`;
        return readDrive(tx, id);
      },
    ),
  );
}

/** The car is back: how far it went, in what air. */
export async function comeBack(driveId: string, input: unknown, now = new Date()): Promise<ProofDrive> {
  const back = accept(parseWith(driveBackSchema, input));
  const drive = knownId('drive', driveId);
  return database('tell').begin((tx) =>
    once(
      tx,
      { id: back.id, kind: 'drive_back', target: drive, content: back },
      () => readDrive(tx, drive),
      async () => {
        const [row] = await tx<{ jobId: string }[]>`select job_id from proof_drives where id = ${drive}`;
        if (!row) throw notFound('drive', driveId);
        const { at } = await lockOpenJob(row.jobId, tx, now);
        const landed = await tx`
          update proof_drives set ${tx({ backId: back.id, backAt: at, laps: back.laps, airK: fromCelsius(back.airC), note: back.note })}
          where id = ${drive} and back_id is null returning 1`;
        if (landed.length === 0)
          throw new Failure('stale', 'It was said already that the car is back.', {
            current: await readDrive(tx, drive),
          });
        return readDrive(tx, drive);
      },
    ),
  );
}

async function readDrive(tx: Sql, id: string): Promise<ProofDrive> {
  const [row] = await tx<RowOf<'proof_drives'>[]>`select * from proof_drives where id = ${id}`;
  return proofDriveFromRow(row!);
}
