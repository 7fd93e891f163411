import { parseWith } from '../../core/base/issues/zod';
import { toSI } from '../../core/base/units/convert';
import { limitFor } from '../../core/car/limits/catalogue';
import type { JobSheet } from '../../core/job/sheet';
import { fluidSoFar } from '../../core/planning/bleed/soFar';
import type { PouredFluid } from '../../core/planning/run/rows';
import { planOf, runOf } from '../../core/planning/run/run';
import { type Pour, poursFrom } from '../../core/planning/shelf/pour';
import { lotsFor } from '../../core/planning/shelf/shelf';
import { pouredSchema } from '../../core/planning/shelf/shelfSchema';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, Failure, notFound, refused } from '../failure';
import { knownId } from '../ids';
import { once } from '../once';
import { shelfFromRow } from '../shelf/queries';
import { getShop } from '../shop/queries';
import { lockOpenJob } from './append';
import { getSheet } from './queries';
import { pouredFromRow } from './rows';

/** A pour as it is written down: with the bottle that was opened for it. */
type Written = Pour & { opened?: string };

/**
 * Takes what a bleed used off the shelf once its run is finished, out of the lot its plan chose or the longest opened
 * bottle first. Where the shelf has not enough, nothing is taken: somebody says from what. A run that was taken up again
 * and used another amount is counted anew.
 */
export async function settleFluid(tx: Sql, sheet: JobSheet, workId: string, at: Date): Promise<void> {
  const work = sheet.works.find((each) => each.id === workId)!;
  const { bleed } = planOf(work);
  const run = runOf(work, sheet.ticks);
  if (!bleed || run.state !== 'finished') return;
  const ml = Math.round(fluidSoFar(run, bleed).usedMl);
  const standing = work.fluid;
  if (ml === 0 || (standing && (!standing.taken || standing.ml === ml))) return;
  try {
    if (standing?.taken) await putBack(tx, workId, crypto.randomUUID(), at);
    await take(tx, sheet, { workId, id: crypto.randomUUID(), ml, lot: bleed.lot, at });
  } catch (problem) {
    // What the shelf cannot give, or not take back, is for a person to say; the step is done all the same.
    if (!(problem instanceof Failure)) throw problem;
  }
}

/** Takes the fluid of a bleed off the shelf by hand, or puts it back. */
export async function changePoured(workId: string, input: unknown, now = new Date()): Promise<PouredFluid> {
  const { id, taken, lot } = accept(parseWith(pouredSchema, input));
  const on = knownId('work', workId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id, kind: 'poured', target: on, content: { taken, lot } },
      async () =>
        pouredFromRow((await tx<RowOf<'work_fluid'>[]>`select * from work_fluid where id = ${id}`)[0]!),
      async () => {
        const [row] = await tx<{ jobId: string }[]>`select job_id from works where id = ${on}`;
        if (!row) throw notFound('work', workId);
        const { at } = await lockOpenJob(row.jobId, tx, now);
        const sheet = await getSheet(row.jobId, tx);
        const work = sheet.works.find((each) => each.id === on)!;
        const { bleed } = planOf(work);
        const stands = work.fluid?.taken ?? false;
        if (!bleed || stands === taken)
          throw refused([
            {
              code: 'refused',
              path: 'taken',
              value: String(taken),
              accepted: bleed ? 'what does not stand so already' : 'the fluid of a bleed',
            },
          ]);
        if (!taken) return putBack(tx, on, id, at);
        const ml = Math.round(fluidSoFar(runOf(work, sheet.ticks), bleed).usedMl);
        return take(tx, sheet, { workId: on, id, ml, lot: lot ?? undefined, at });
      },
    ),
  );
}

type Take = { workId: string; id: string; ml: number; lot: string | undefined; at: Date };

async function take(tx: Sql, sheet: JobSheet, { workId, id, ml, lot, at }: Take): Promise<PouredFluid> {
  const rows = await tx<RowOf<'shelf'>[]>`
    select * from shelf where kind = 'fluid' and dropped_at is null and quantity > 0 and added_at <= ${at}
    order by added_at, id for no key update`;
  const freshDays = limitFor('bottleDays', (await getShop(tx)).limits).value;
  const lots = lotsFor(rows.map(shelfFromRow), { wanted: sheet.car.fluidClass, freshDays, now: at }, lot);
  const { pours, shortMl } = poursFrom(lots, ml);
  if (ml === 0 || shortMl > 0)
    throw refused([
      {
        code: 'refused',
        path: 'ml',
        value: `${ml} ml`,
        accepted: ml === 0 ? 'fluid that was used' : `the ${Math.round(ml - shortMl)} ml that the shelf has`,
      },
    ]);
  const written: Written[] = [];
  for (const pour of pours) written.push(await pourOut(tx, pour, at));
  return write(tx, { id, workId, taken: true, ml, pours: written, at });
}

async function pourOut(tx: Sql, pour: Pour, at: Date): Promise<Written> {
  const { lot, bottles, leftMl } = pour;
  if (bottles === 0) {
    await tx`
      update shelf set remaining_m3 = ${toSI(leftMl, 'ml')}, quantity = ${leftMl > 0 ? 1 : 0}, version = version + 1
      where id = ${lot}`;
    return pour;
  }
  await tx`update shelf set quantity = quantity - ${bottles}, version = version + 1 where id = ${lot}`;
  if (leftMl <= 0) return pour;
  const opened = crypto.randomUUID();
  await tx`
    insert into shelf (id, kind, what, batch, quantity, fluid_class, size_m3, dry_k, wet_k, colour, opened_at, remaining_m3, added_at)
    select ${opened}, kind, what, batch, 1, fluid_class, size_m3, dry_k, wet_k, colour, ${at}, ${toSI(leftMl, 'ml')}::double precision, ${at}
    from shelf where id = ${lot}`;
  return { ...pour, opened };
}

async function putBack(tx: Sql, workId: string, id: string, at: Date): Promise<PouredFluid> {
  const [last] = await tx<
    RowOf<'work_fluid'>[]
  >`select * from work_fluid where work_id = ${workId} order by seq desc limit 1`;
  const pours = last!.pours as Written[];
  // The last first: it alone can have left a bottle that somebody used since, and then nothing is put back.
  for (const { lot, ml, bottles, leftMl, opened } of [...pours].reverse()) {
    if (bottles === 0) {
      await tx`
        update shelf set remaining_m3 = least(size_m3, remaining_m3 + ${toSI(ml, 'ml')}), quantity = 1, version = version + 1
        where id = ${lot}`;
      continue;
    }
    if (opened) await takeAway(tx, opened, leftMl, at);
    await tx`update shelf set quantity = quantity + ${bottles}, version = version + 1 where id = ${lot}`;
  }
  return write(tx, { id, workId, taken: false, ml: last!.ml, pours, at });
}

/** A bottle that was only opened for this goes again, unless somebody poured from it since. */
async function takeAway(tx: Sql, opened: string, leftMl: number, at: Date): Promise<void> {
  const gone = await tx`
    update shelf set quantity = 0, dropped_at = ${at}, version = version + 1
    where id = ${opened} and dropped_at is null and quantity = 1
      and abs(remaining_m3 - ${toSI(leftMl, 'ml')}) < 1e-9
    returning 1`;
  if (gone.length === 0)
    throw refused([
      {
        code: 'refused',
        path: 'taken',
        value: 'a bottle that was used since',
        accepted: 'one as this work left it; count it on the shelf',
      },
    ]);
}

type Poured = { id: string; workId: string; taken: boolean; ml: number; pours: Written[]; at: Date };

async function write(tx: Sql, { id, workId, taken, ml, pours, at }: Poured): Promise<PouredFluid> {
  const row = { id, workId, taken, ml, pours: tx.json(pours as never), recordedAt: at };
  const [written] = await tx<RowOf<'work_fluid'>[]>`insert into work_fluid ${tx(row)} returning *`;
  return pouredFromRow(written!);
}
