import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runChild } from './child';
import { ROOT } from './paths';

/** What the registry knows of the packages in use: names of those with a grave weakness; nothing where it was not to be asked. */
export type Audit = { grave: string[] } | undefined;

/** What `npm audit --json` said; an answer without a list of weaknesses is none (no network, a mirror that keeps no advisories). */
export function readAudit(json: string): Audit {
  let report: { vulnerabilities?: Record<string, { severity: string }> };
  try {
    report = JSON.parse(json);
  } catch {
    return undefined;
  }
  if (!report?.vulnerabilities) return undefined;
  const grave = Object.entries(report.vulnerabilities)
    .filter(([, { severity }]) => severity === 'high' || severity === 'critical')
    .map(([name]) => name);
  return { grave };
}

/** Asks the registry about what the application ships with. */
export async function auditShipped(): Promise<Audit> {
  const { stdout } = await runChild(
    ['npm', 'audit', '--json', '--omit=dev', '--fetch-retries=0', '--fetch-timeout=15000'],
    {
      cwd: ROOT,
    },
  );
  return readAudit(stdout);
}

type Locked = {
  version?: string;
  integrity?: string;
  resolved?: string;
  hasInstallScript?: boolean;
  inBundle?: boolean;
};

/** Packages whose installation runs a program of theirs: each is here because somebody looked at what it does. */
const RUNS_AT_INSTALL = new Set([
  // Takes the binary that its own package brings; nothing is fetched where there is one for the platform.
  'node_modules/argon2',
  // Checks that the binary of its platform's package, installed beside it, is there.
  'node_modules/esbuild',
]);

/**
 * What is wrong with the lock file: a package without a hash of its content, from elsewhere than the registry, or that would run something
 * at installation and that nobody has looked at.
 */
export function lockIssues(lock: { packages: Record<string, Locked> }): string[] {
  return Object.entries(lock.packages).flatMap(
    ([place, { integrity, resolved, hasInstallScript, inBundle }]) => {
      // The first is the application itself; what another package brings inside is covered by that one's hash.
      if (place === '' || inBundle) return [];
      return [
        ...(integrity?.startsWith('sha512-') ? [] : [`${place} has no hash`]),
        ...(resolved === undefined || resolved.startsWith('https://registry.npmjs.org/')
          ? []
          : [`${place} comes from ${resolved}`]),
        ...(hasInstallScript && !RUNS_AT_INSTALL.has(place)
          ? [`${place} runs something at installation`]
          : []),
      ];
    },
  );
}

/** The lock file as it stands. */
export const readLock = () => JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
