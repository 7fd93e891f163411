import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './paths';

/** Bundles the service worker into a build; Next has none of its own. */
export async function bundleOffline(dist: string): Promise<void> {
  await build({
    entryPoints: [join(ROOT, 'workers/offline/serviceWorker.ts')],
    outfile: join(dist, 'offline.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  });
}
