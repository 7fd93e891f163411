const listeners = new Map<string, Set<() => void>>();

/** Word that somebody came to a job, left it, or went on in it; it comes by the line on which its changes are told. */
export const hereNews = {
  tell(jobId: string): void {
    for (const listener of listeners.get(jobId) ?? []) listener();
  },
  listen(jobId: string, listener: () => void): () => void {
    const of = listeners.get(jobId) ?? new Set();
    listeners.set(jobId, of.add(listener));
    return () => of.delete(listener);
  },
};
