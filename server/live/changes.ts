import { connect } from '../db/sql';
import { log } from '../log';

/** The channel on which the database says which job something was written of; `shop` for what is of no job. */
const CHANNEL = 'bavrin_jobs';

type Listener = (jobId: string) => void;

const listeners = new Set<Listener>();
let listening: { isHeard: () => boolean; end: () => Promise<void> } | undefined;

/**
 * Tells of every job that something is written of, and of whatever else of the shop, whichever server wrote it, as soon as it stands.
 * @param changed told of '' whenever something may have been missed: once as the line to the database stands, before which nobody
 *   listened, and each time it stands again
 * @returns ends it
 */
export function onJobChange(changed: Listener): () => void {
  listeners.add(changed);
  listening ??= listen();
  if (listening.isHeard()) changed('');
  return () => {
    listeners.delete(changed);
    if (listeners.size > 0) return;
    void listening?.end();
    listening = undefined;
  };
}

function tell(jobId: string): void {
  for (const listener of listeners) listener(jobId);
}

/** A connection of its own: it only waits, and comes back by itself when the database does. */
function listen(): { isHeard: () => boolean; end: () => Promise<void> } {
  const sql = connect({ max: 1, idle_timeout: 0 });
  let heard = false;
  sql
    .listen(CHANNEL, tell, () => {
      heard = true;
      tell('');
    })
    .catch((error) => log.warn({ err: error }, 'not listening for changes yet'));
  return { isHeard: () => heard, end: () => sql.end({ timeout: 0 }).catch(() => {}) };
}
