import { parseArgs } from 'node:util';
import { Plain } from './say';
import { lastServed, type Mode } from './shop';

type Asked = { file: string; mode: Mode; car?: string; withSecrets: boolean };

/** The file a command is about, and whose it is: as said, or the shop that was opened last; an export may be of one car. */
export function fileAndMode(command: 'backup' | 'restore' | 'export' | 'import'): Asked {
  const ofCar = command === 'export';
  const more = ofCar ? ' [--car NAME]' : command === 'backup' ? ' [--with-secrets]' : '';
  const usage = `usage: ./bavrin ${command} FILE${more} [--demo | --shop]`;
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      options: {
        demo: { type: 'boolean' },
        shop: { type: 'boolean' },
        ...(ofCar ? { car: { type: 'string' } as const } : {}),
        ...(command === 'backup' ? { 'with-secrets': { type: 'boolean' } as const } : {}),
      },
      allowPositionals: true,
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0 || (values.demo && values.shop)) throw new Plain(usage);
    const mode = values.demo ? 'demo' : values.shop ? 'start' : (lastServed()?.mode ?? 'start');
    const car = 'car' in values ? (values.car as string) : undefined;
    const withSecrets = 'with-secrets' in values && values['with-secrets'] === true;
    return { file, mode, withSecrets, ...(car ? { car } : {}) };
  } catch (error) {
    throw error instanceof Plain ? error : new Plain(`${(error as Error).message}; ${usage}`);
  }
}
