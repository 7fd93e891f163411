import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { dataFolder } from './paths';
import { say } from './say';

/**
 * Holds the data folder for this command until the process ends, however it ends: the lock belongs to a child whose
 * standard input is a pipe from here, and the kernel closes that. Another command waits for it.
 */
export async function holdDataFolder(): Promise<void> {
  const file = join(dataFolder('run'), 'command.lock');
  const child = spawn('flock', [file, 'sh', '-c', 'echo held; exec cat >/dev/null'], {
    stdio: ['pipe', 'pipe', 'ignore'],
    // A terminal's interrupt goes to the whole group; the lock is held until we are done tidying up.
    detached: true,
  });
  const waiting = setTimeout(() => say('Another bavrin command is at work here; waiting for it …'), 1500);
  await new Promise<void>((resolve, reject) => {
    child.once('error', () => reject(new Error('flock (util-linux) is missing')));
    child.stdout.once('data', () => resolve());
  });
  clearTimeout(waiting);
  child.unref();
  for (const pipe of [child.stdin, child.stdout]) (pipe as unknown as { unref: () => void }).unref();
}
