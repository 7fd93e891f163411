/** Runs once when the server starts: its threads are warm before anybody asks. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { warmUp } = await import('./server/heavy/judge');
  warmUp();
}
