import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from '../system/paths';

/** First-load JavaScript of each route: every script the page's own HTML asks for, compressed. */
export function scriptFigures(): void {
  const manifests = join(ROOT, '.next/server/app');
  const seen = new Map<string, number>();
  const size = (file: string) => {
    const known = seen.get(file);
    if (known !== undefined) return known;
    const bytes = gzipSync(readFileSync(join(ROOT, '.next', file))).length;
    seen.set(file, bytes);
    return bytes;
  };
  const shared = (
    JSON.parse(readFileSync(join(ROOT, '.next/build-manifest.json'), 'utf8')) as { rootMainFiles: string[] }
  ).rootMainFiles;
  for (const file of filesUnder(manifests).filter((each) =>
    each.endsWith('page_client-reference-manifest.js'),
  )) {
    const text = readFileSync(file, 'utf8');
    const { entryJSFiles } = JSON.parse(text.slice(text.indexOf('= {') + 2).replace(/;?\s*$/, '')) as {
      entryJSFiles: Record<string, string[]>;
    };
    const scripts = new Set([...shared, ...Object.values(entryJSFiles).flat()]);
    const total = [...scripts].reduce((sum, each) => sum + size(each), 0);
    console.log(
      `first-load JavaScript, ${file.slice(manifests.length).replace('/page_client-reference-manifest.js', '') || '/'}: ${(total / 1024).toFixed(0)} kB compressed`,
    );
  }
}

function filesUnder(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesUnder(path) : [path];
  });
}
