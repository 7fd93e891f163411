import { parseArgs } from 'node:util';
import { Plain } from './say';
import { lastServed, type Mode } from './shop';

type Asked = { file: string; mode: Mode; car?: string };

/** The file a command is about, and whose it is: as said, or the shop that was opened last; an export may be of one car. */
export function fileAndMode(command: 'backup' | 'restore' | 'export' | 'import'): Asked {
  const ofCar = command === 'export';
  const usage = `usage: ./bavrin ${command} FILE${ofCar ? ' [--car NAME]' : ''} [--demo | --shop]`;
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      options: {
        demo: { type: 'boolean' },
        shop: { type: 'boolean' },
        ...(ofCar ? { car: { type: 'string' } as const } : {}),
      },
      allowPositionals: true,
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0 || (values.demo && values.shop)) throw new Plain(usage);
    const mode = values.demo ? 'demo' : values.shop ? 'start' : (lastServed()?.mode ?? 'start');
    const car = 'car' in values ? (values.car as string) : undefined;
    return { file, mode, ...(car ? { car } : {}) };
  } catch (error) {
    throw error instanceof Plain ? error : new Plain(`${(error as Error).message}; ${usage}`);
  }
}
