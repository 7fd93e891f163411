/** What the server says of itself; nothing where it cannot be asked. */
export async function askHealth(): Promise<{ build: string } | undefined> {
  const response = await fetch('/api/health').catch(() => undefined);
  return response?.ok ? response.json().catch(() => undefined) : undefined;
}
