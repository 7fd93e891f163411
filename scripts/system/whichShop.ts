import { parseArgs } from 'node:util';
import { Plain } from './say';
import { lastServed, type Mode } from './shop';

/** The file of a backup or restore, and whose it is: as said, or the shop that was opened last. */
export function fileAndMode(command: 'backup' | 'restore'): { file: string; mode: Mode } {
  const usage = `usage: ./bavrin ${command} FILE [--demo | --shop]`;
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      options: { demo: { type: 'boolean' }, shop: { type: 'boolean' } },
      allowPositionals: true,
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0 || (values.demo && values.shop)) throw new Plain(usage);
    const mode = values.demo ? 'demo' : values.shop ? 'start' : (lastServed()?.mode ?? 'start');
    return { file, mode };
  } catch (error) {
    throw error instanceof Plain ? error : new Plain(`${(error as Error).message}; ${usage}`);
  }
}
