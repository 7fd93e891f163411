import { join } from 'node:path';

/** A file or folder of the build that is being served. */
export function ofBuild(name: string): string {
  return join(process.cwd(), process.env.BAVRIN_DIST ?? '.next', name);
}
