import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './paths';

/** Where the server's own worker lies in a build. */
export function heavyBundle(dist: string): string {
  return join(dist, 'heavy.mjs');
}

/** Bundles what the server computes off its main thread; Next builds workers for browsers only. */
export async function bundleHeavy(dist: string): Promise<string> {
  const outfile = heavyBundle(dist);
  await build({
    entryPoints: [join(ROOT, 'workers/heavy.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    logLevel: 'error',
  });
  return outfile;
}
