/**
 * What the server says of itself; nothing where it cannot be asked.
 * @param waitMs nobody waits longer for it
 */
export async function askHealth(waitMs = 30_000): Promise<{ build: string } | undefined> {
  const response = await fetch('/api/health', { signal: AbortSignal.timeout(waitMs) }).catch(() => undefined);
  return response?.ok ? response.json().catch(() => undefined) : undefined;
}
