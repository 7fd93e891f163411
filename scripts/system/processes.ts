import { readdirSync, readFileSync, readlinkSync } from 'node:fs';

/** Whether the process still runs (a zombie waiting to be collected does not). */
export function alive(pid: number): boolean {
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
}

/** The program a process runs, as the kernel names it. */
export function programName(pid: number): string {
  return readFileSync(`/proc/${pid}/comm`, 'utf8').trim();
}

/** The folder a process works in; undefined where there is none, or it is not ours to ask. */
export function workingFolder(pid: number): string | undefined {
  try {
    return readlinkSync(`/proc/${pid}/cwd`);
  } catch {
    return undefined;
  }
}

/** The variable that marks a server with the data folder it belongs to: numbers are used again, this is not. */
const MARK = 'BAVRIN_SERVES';

/** What a server is given to be known by later. */
export function markOf(folder: string): Record<string, string> {
  return { [MARK]: folder };
}

/** The process groups of all servers that belong to a data folder, whatever a record of them says. */
export function groupsOf(folder: string): number[] {
  const groups = new Set<number>();
  for (const name of readdirSync('/proc')) {
    const pid = Number(name);
    if (!Number.isInteger(pid) || pid === process.pid) continue;
    try {
      if (!readFileSync(`/proc/${name}/environ`, 'utf8').split('\0').includes(`${MARK}=${folder}`)) continue;
      if (!alive(pid)) continue;
      groups.add(groupOf(name));
    } catch {
      // It ended in between, or belongs to somebody else.
    }
  }
  return [...groups];
}

/** The fifth field of stat; the second, a name in brackets, may hold anything. */
function groupOf(pid: string): number {
  const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
  return Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[2]);
}
