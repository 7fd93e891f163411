import { connect } from '../db/sql';
import { log } from '../log';

/** The channel on which the database says which job something was written of. */
const CHANNEL = 'bavrin_jobs';

type Listener = (jobId: string) => void;

const listeners = new Set<Listener>();
let listening: { end: () => Promise<void> } | undefined;

/**
 * Tells of every job that something is written of, whichever server wrote it, as soon as it stands.
 * @param changed also told when the line to the database was down: then of whatever may have been missed, as ''
 * @returns ends it
 */
export function onJobChange(changed: Listener): () => void {
  listeners.add(changed);
  listening ??= listen();
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
function listen(): { end: () => Promise<void> } {
  const sql = connect({ max: 1, idle_timeout: 0 });
  let missed = false;
  sql
    .listen(CHANNEL, tell, () => {
      // What was written while nobody listened is found by looking.
      if (missed) tell('');
      missed = true;
    })
    .catch((error) => {
      missed = true;
      log.warn({ err: error }, 'not listening for changes yet');
    });
  return { end: () => sql.end({ timeout: 0 }).catch(() => {}) };
}
