import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { onInterrupt } from './interrupt';

export type Done = { status: number | null; stdout: string; stderr: string };

type ChildOptions = {
  cwd?: string;
  env?: NodeJS.ProcessEnv;
  /** Each line of standard output as it comes, in place of keeping it. */
  onLine?: (line: string) => void | Promise<void>;
  /** An interrupt waits for it instead of ending it: what it half began could not be found, and so not be undone. */
  isWaitedFor?: boolean;
};

const SETPRIV = '/usr/bin/setpriv';

/** The command, told to the kernel to end with this process however that ends; without setpriv as it is. */
export function endsWithUs(command: readonly string[], asUser?: string): string[] {
  if (!existsSync(SETPRIV)) return asUser ? ['runuser', '-u', asUser, '--', ...command] : [...command];
  const user = asUser ? [`--reuid=${asUser}`, `--regid=${asUser}`, '--init-groups'] : [];
  return [SETPRIV, ...user, '--pdeathsig', 'KILL', '--', ...command];
}

/**
 * Runs a program to its end without blocking, so that an interrupt is heard. It ends when this command is interrupted
 * (unless it is waited for) or killed: what it was doing must not go on beside the next command.
 */
export async function runChild(
  command: readonly string[],
  { cwd, env = process.env, onLine, isWaitedFor = false }: ChildOptions = {},
): Promise<Done> {
  const [program, ...args] = command;
  // A terminal's interrupt goes to its whole group; what is waited for is not in it.
  const child = spawn(program!, args, { cwd, env, detached: isWaitedFor, stdio: ['ignore', 'pipe', 'pipe'] });
  let stdout = '';
  let stderr = '';
  const ended = new Promise<number | null>((resolve) => {
    child.once('error', (error) => {
      stderr += error.message;
      resolve(null);
    });
    // Its last words are read before it counts as ended.
    child.once('close', (code) => resolve(code));
  });
  const done = onInterrupt(async () => {
    if (!isWaitedFor) child.kill('SIGTERM');
    await ended;
  });
  child.stderr.setEncoding('utf8').on('data', (text: string) => {
    stderr = (stderr + text).slice(-100_000);
  });
  child.stdout.setEncoding('utf8');
  try {
    if (onLine) await eachLine(child.stdout, onLine);
    else child.stdout.on('data', (text: string) => (stdout = (stdout + text).slice(-10_000_000)));
    const status = await ended;
    return { status, stdout, stderr };
  } finally {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGKILL');
    done();
  }
}

async function eachLine(
  stream: AsyncIterable<string>,
  onLine: (line: string) => void | Promise<void>,
): Promise<void> {
  let rest = '';
  for await (const text of stream) {
    const lines = (rest + text).split('\n');
    rest = lines.pop()!;
    for (const line of lines) await onLine(line);
  }
  if (rest !== '') await onLine(rest);
}
