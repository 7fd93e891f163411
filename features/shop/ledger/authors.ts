import type { Authors } from '@/server/jobs/authors';

/** Who wrote something down where nobody was asked yet. */
const NOT_KNOWN = 'not known';

/** "Mira 12, Tobias 3": who wrote rows down, whoever wrote most first. */
export function authorsSaid(ids: readonly string[], authors: Authors): string {
  const counts = new Map<string, number>();
  for (const id of ids) {
    const name = authors.rows[id] ?? NOT_KNOWN;
    counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  if (counts.size === 1) return [...counts.keys()][0]!;
  return [...counts]
    .sort(([, left], [, right]) => right - left)
    .map(([name, count]) => `${name} ${count}`)
    .join(', ');
}

/** Whose a row is, where most of its kind are somebody else's. */
export function strayAuthor(id: string, ids: readonly string[], authors: Authors): string | undefined {
  const own = authors.rows[id] ?? NOT_KNOWN;
  const alike = ids.filter((each) => (authors.rows[each] ?? NOT_KNOWN) === own).length;
  return alike * 2 <= ids.length && ids.length > 1 ? own : undefined;
}

/** The ids of some rows. */
export function idsOf(rows: readonly { id: string }[]): string[] {
  return rows.map(({ id }) => id);
}
