import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ROOT } from '../../scripts/system/paths';
import { tablesAsTypes } from '../../scripts/system/tables';
import { database } from '../../server/db/sql';
import { freshDatabase } from '../support/database';

let drop: () => Promise<void>;

beforeAll(async () => {
  ({ drop } = await freshDatabase());
});

afterAll(() => drop());

describe('the types of the tables', () => {
  it('are those of the migrations (else: npm run tables)', async () => {
    const written = readFileSync(join(ROOT, 'server/db/tables.ts'), 'utf8');
    expect(await tablesAsTypes(database('open'))).toBe(written);
  });

  it('name a column as the code does, a list as one, what may be missing as null', async () => {
    const sql = database('setup');
    const types = await sql.begin(async (tx) => {
      await tx`create table odd_things (key uuid primary key, seen_at timestamptz, sizes_m float8[] not null, was jsonb)`;
      const made = await tablesAsTypes(tx);
      await tx`drop table odd_things`;
      return made;
    });
    expect(types).toContain(
      [
        '  odd_things: {',
        '    key: string;',
        '    seenAt: Date | null;',
        '    sizesM: number[];',
        '    was: unknown;',
        '  };',
      ].join('\n'),
    );
  });

  it('are not made up for a type nobody has set', async () => {
    const odd = database('setup').begin(async (tx) => {
      await tx`create table odd_things (way point not null)`;
      await tablesAsTypes(tx);
    });
    await expect(odd).rejects.toThrow('no type is set for a column of point');
  });
});
