import type { Fragment, Sql as Pool } from 'postgres';
import type { LedgerSort } from '../../core/job/ledgerSorts';

type Order = {
  by: Fragment;
  /** What its key is read back as, and what such a key looks like: an address can say anything. */
  as: Fragment;
  key: RegExp;
};

const MOMENT = /^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d{1,6})?[+-]\d\d(:\d\d)?$/;
const WHOLE = /^\d{1,9}$/;
const SECONDS = /^-?\d{1,12}(\.\d{1,9})?$/;
const WORDS = /^[^\0]{0,200}$/;

/** What closed jobs are put in order by, and how the key of a page is read back. */
export function orderOf(sql: Pool, sort: LedgerSort): Order {
  const orders: Record<LedgerSort, Order> = {
    closed: { by: sql`closed_at`, as: sql`timestamptz`, key: MOMENT },
    number: { by: sql`number`, as: sql`int`, key: WHOLE },
    // By the bytes: the same on every machine, whatever its language.
    car: { by: sql`lower(cars.name) collate "C"`, as: sql`text`, key: WORDS },
    outcome: { by: sql`outcome collate "C"`, as: sql`text`, key: WORDS },
    days: { by: sql`extract(epoch from closed_at - opened_at)`, as: sql`numeric`, key: SECONDS },
    minutes: { by: sql`coalesce(took.minutes, 0)`, as: sql`int`, key: WHOLE },
  };
  return orders[sort];
}
