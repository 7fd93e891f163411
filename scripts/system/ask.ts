export type Asked = { status: number; text: string };

/**
 * Asks a server, and gives up in time whatever becomes of the request: where the server was killed at a wrong moment, one has been seen to be
 * waited for long after its signal.
 */
export async function ask(url: string, withinMs: number, init: RequestInit = {}): Promise<Asked> {
  const stop = new AbortController();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      stop.abort();
      reject(new Error(`no answer from ${url} within ${withinMs} ms`));
    }, withinMs);
  });
  const answered = async (): Promise<Asked> => {
    const response = await fetch(url, { ...init, signal: stop.signal });
    return { status: response.status, text: await response.text() };
  };
  try {
    return await Promise.race([answered(), late]);
  } finally {
    clearTimeout(timer);
  }
}
