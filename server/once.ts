import { createHash } from 'node:crypto';
import type { RowOf } from './db/rows';
import type { Sql } from './db/sql';
import { stale } from './failure';

/** What a device sends under an id of its own making. */
export type Write = {
  id: string;
  kind:
    | 'answer'
    | 'reading'
    | 'verdict'
    | 'work'
    | 'tick'
    | 'proof'
    | 'proof_drive'
    | 'drive_back'
    | 'follow_up'
    | 'job'
    | 'closing'
    | 'car'
    | 'event'
    | 'part'
    | 'lot'
    | 'fill'
    | 'photo'
    | 'setup'
    | 'trial'
    | 'bench'
    | 'calendar'
    | 'person'
    | 'poured';
  /** What it is written to; nothing where it stands alone. */
  target?: string;
  content: unknown;
};

/**
 * Lands a write once, however often and however fast it is sent. The first lands; the same again, from whatever moment
 * on (the job closed since, the lot used up), is answered with what stands; the same id for another place or with other
 * content is refused.
 * @param land writes it down
 * @param again reads what was written
 */
export async function once<T>(
  tx: Sql,
  { id, kind, target, content }: Write,
  again: () => Promise<T>,
  land: () => Promise<T>,
): Promise<T> {
  const digest = createHash('sha256').update(canonical(content)).digest();
  // Of many at once, the others wait here until the first has landed, or was refused.
  const [first] = await tx`
    insert into writes ${tx({ id, kind, target: target ?? null, content: digest })} on conflict (id) do nothing returning 1`;
  if (first) return land();
  const [known] = await tx<
    Pick<RowOf<'writes'>, 'kind' | 'target' | 'content'>[]
  >`select kind, target, content from writes where id = ${id}`;
  const same = known!.kind === kind && known!.target === (target ?? null);
  if (same && (known!.content === null || digest.equals(known!.content))) return again();
  throw stale('What was sent under that id', same ? await again() : null);
}

/** Whether two contents say the same, whatever the order of their fields and the last bits of their figures. */
export function sameContent(left: unknown, right: unknown): boolean {
  return canonical(left) === canonical(right);
}

/** A conversion to SI and back may differ in the last bits. */
const DIGITS = 12;

function canonical(content: unknown): string {
  return JSON.stringify(content, (_, value) => {
    if (typeof value === 'number') return Number(value.toPrecision(DIGITS));
    return value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
      : value;
  });
}
