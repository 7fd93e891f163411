type Cleanup = () => void | Promise<void>;

const cleanups: Cleanup[] = [];
let interrupted = false;

/** Whether the command was told to end and is tidying up. */
export function wasInterrupted(): boolean {
  return interrupted;
}

/** What has to be undone when the command is interrupted from here on; the answer takes it off the list again. */
export function onInterrupt(cleanup: Cleanup): () => void {
  cleanups.push(cleanup);
  return () => {
    const at = cleanups.lastIndexOf(cleanup);
    if (at >= 0) cleanups.splice(at, 1);
  };
}

/** From now on an interrupted command undoes what it began, last thing first, before it ends. */
export function endTidily(): void {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) {
    process.on(signal, () => {
      if (interrupted) return;
      interrupted = true;
      // What was at work finds its database gone: no failure, and nothing that may end the tidying up.
      process.on('uncaughtException', () => {});
      void tidyUp().finally(() => process.exit(130));
    });
  }
}

async function tidyUp(): Promise<void> {
  for (let cleanup = cleanups.pop(); cleanup; cleanup = cleanups.pop()) {
    try {
      await cleanup();
    } catch {
      // The rest still has to be undone.
    }
  }
}
