import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../scripts/system/paths';
import { expect, test } from './test';

const BUILT = join(ROOT, '.next-test');
/** The server draws none of its parts: what they are cut into only the browser names. */
const DRAWN_BY_THE_BROWSER = 'job/kept';

/** For a part that is fetched apart under another one the bundler may name a piece that it does not build: the page waits for it forever. */
test('every piece that a page names was built', () => {
  const named = readdirSync(join(BUILT, 'server/app'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('react-loadable-manifest.json') && !file.includes(DRAWN_BY_THE_BROWSER))
    .flatMap((file) => {
      const parts = JSON.parse(readFileSync(join(BUILT, 'server/app', file), 'utf8')) as Record<
        string,
        { files: string[] }
      >;
      return Object.values(parts).flatMap(({ files }) => files);
    });
  expect(named.length).toBeGreaterThan(15);
  expect(named.filter((piece) => !existsSync(join(BUILT, piece)))).toEqual([]);
});
