import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants } from 'node:zlib';

const compress = promisify(brotliCompress);

/** Where what a browser fetches of a build lies, and under which address it asks for it. */
export const BUILT = { folder: 'static', address: '/_next/static' } as const;

/**
 * Packs scripts and styles of a build as tightly as browsers can unpack, once, each beside itself: the secure address gives them out
 * so, a sixth shorter than what is packed while somebody waits.
 */
export async function packBuilt(dist: string): Promise<void> {
  const folder = join(dist, BUILT.folder);
  const files = (await readdir(folder, { recursive: true })).filter((name) => /\.(js|css)$/.test(name));
  await Promise.all(files.map((name) => pack(join(folder, name))));
}

async function pack(file: string): Promise<void> {
  const content = await readFile(file);
  const params = { [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
  await writeFile(`${file}.br`, await compress(content, { params }));
}
