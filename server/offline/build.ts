import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A file or folder of the build that is being served. */
export function ofBuild(name: string): string {
  return join(process.cwd(), process.env.BAVRIN_DIST ?? '.next', name);
}

let id: string | undefined;

/** What tells one build from another: a page of an older one finds out by it. */
export function buildId(): string {
  id ??= existsSync(ofBuild('BUILD_ID')) ? readFileSync(ofBuild('BUILD_ID'), 'utf8').trim() : '';
  return id;
}
