import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { dataFolder, ROOT } from './paths';
import { say } from './say';

/** Holds the data folder for this command until the process ends. Another command waits for it. */
export async function holdDataFolder(): Promise<void> {
  await hold(
    join(dataFolder('run'), 'command.lock'),
    'Another bavrin command is at work here; waiting for it …',
  );
}

/** Holds the folder of a build, whichever data folder the command is of; gives back what lets it go. */
export function holdBuild(dist: string): Promise<() => void> {
  return hold(
    join(ROOT, 'node_modules', `.bavrin-build${dist}.lock`),
    'It is being built already; waiting for that …',
  );
}

/**
 * Holds a file until it is let go or the process ends, however it ends: the lock belongs to a child whose standard input
 * is a pipe from here, and the kernel closes that.
 * @param waiting what is said when somebody else holds it
 */
async function hold(file: string, waiting: string): Promise<() => void> {
  const child = spawn('flock', [file, 'sh', '-c', 'echo held; exec cat >/dev/null'], {
    stdio: ['pipe', 'pipe', 'ignore'],
    // A terminal's interrupt goes to the whole group; the lock is held until we are done tidying up.
    detached: true,
  });
  const told = setTimeout(() => say(waiting), 1500);
  await new Promise<void>((resolve, reject) => {
    child.once('error', () => reject(new Error('flock (util-linux) is missing')));
    child.stdout.once('data', () => resolve());
  });
  clearTimeout(told);
  child.unref();
  for (const pipe of [child.stdin, child.stdout]) (pipe as unknown as { unref: () => void }).unref();
  return () => child.stdin.end();
}
