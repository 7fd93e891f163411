import type { Authors } from '@/server/jobs/authors';
import { authorsSaid } from './authors';

/** Who wrote a chapter of a story down. */
export function AuthorsLine({ ids, authors }: { ids: readonly string[]; authors: Authors }) {
  if (ids.length === 0) return null;
  return <p className="mt-1 text-small text-soft">Written down by {authorsSaid(ids, authors)}.</p>;
}
