import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { aptInstall } from '../system/apt';
import { BROWSER } from '../system/browser';
import { auditShipped } from '../system/dependencies';
import { onInterrupt } from '../system/interrupt';
import { dataFolder, ROOT } from '../system/paths';
import { startCluster, stopCluster } from '../system/postgres';
import { run, say } from '../system/say';
import { browserOutcome, type Outcome, outcomeIn, vitestOutcome } from '../system/testReport';
import { build } from '../system/web';

type Add = (name: string, outcome: Outcome) => void;

/** Everything there is to check, from nothing; ends what it started; the last line counts. */
async function main(): Promise<number> {
  if (!BROWSER.isThere()) aptInstall([BROWSER.package], 'the browser tests');
  const home = mkdtempSync(join(tmpdir(), 'bavrin-test-'));
  // Debian's postgres user has to get through to its own folder inside.
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  const total: Outcome = { passed: 0, failed: 0, failures: [] };
  const add: Add = (name, { passed, failed, failures }) => {
    total.passed += passed;
    total.failed += failed;
    total.failures.push(...failures);
    say(`— ${name}: ${passed} passed, ${failed} failed`);
  };
  const cleanUp = async () => {
    await stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  };
  const undo = onInterrupt(cleanUp);
  process.env.BAVRIN_DURABLE = 'no';
  try {
    await startCluster(folder);
    const { DATABASE_URL: _, ...own } = process.env;
    const env = { ...own, BAVRIN_TEST_CLUSTER: folder, BAVRIN_DIST: '.next-test', BAVRIN_LOG: 'error' };
    // A build writes the types of its routes: whatever reads those is done before it.
    await Promise.all([checkCode(env, add), checkTypes(env, add).then(() => build('.next-test'))]);
    await runGroups(home, env, add);
    const browser = join(home, 'playwright.json');
    await step('playwright', ['test'], { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: browser });
    add('browser', outcomeIn(browser, browserOutcome));
  } finally {
    undo();
    await cleanUp();
  }
  // Said again at the end: of a long run only that is looked at first, or kept.
  for (const { test, why } of total.failures) say(`\n✘ ${test}\n${why}`);
  process.stdout.write(`${total.passed} passed, ${total.failed} failed\n`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
}

/** Where code lies, for what looks at all of it. */
const CODE = ['app', 'features', 'server', 'ui', 'core', 'workers', 'db', 'tests', 'scripts'];

/** What is told from the code alone. */
async function checkCode(env: NodeJS.ProcessEnv, add: Add): Promise<void> {
  add('format and lint', await step('biome', ['check', '.'], env));
  const floors = ['--config', '.dependency-cruiser.cjs', ...CODE, 'proxy.ts', 'instrumentation.ts'];
  add('floors', await step('depcruise', floors, env));
  add('nothing unused', await step('knip', [], env));
  await audited(add);
}

async function checkTypes(env: NodeJS.ProcessEnv, add: Add): Promise<void> {
  await step('next', ['typegen'], { ...env, BAVRIN_DIST: '.next' });
  add('types', await step('tsc', ['--noEmit'], env));
}

/** The command line's tests wait for programs most of the time: the others run beside them. */
async function runGroups(home: string, env: NodeJS.ProcessEnv, add: Add): Promise<void> {
  const groups = { unit: 'core', database: 'database', command: 'scripts' };
  await Promise.all(
    Object.entries(groups).map(async ([name, project]) => {
      const report = join(home, `${project}.json`);
      const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
      await step('vitest', ['run', `--project=${project}`, ...reporters], env);
      add(name, outcomeIn(report, vitestOutcome));
    }),
  );
}

/** Weaknesses that the registry knows of; where it is not to be asked that is said, and counts neither way. */
async function audited(add: Add): Promise<void> {
  const audit = await auditShipped();
  if (!audit) return say('— known weaknesses: not looked up, the registry gives no answer here');
  add('known weaknesses', {
    passed: Number(audit.grave.length === 0),
    failed: Number(audit.grave.length > 0),
    failures: audit.grave.map((name) => ({ test: name, why: 'A grave weakness: npm audit tells which.' })),
  });
}

function step(program: string, args: string[], env: NodeJS.ProcessEnv): Promise<Outcome> {
  const told = `${program} ${args.filter((arg) => !arg.startsWith('--')).join(' ')}`;
  say(`\n${told}`);
  return new Promise((resolve) => {
    const child = spawn(join(ROOT, 'node_modules/.bin', program), args, {
      cwd: ROOT,
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    const undo = onInterrupt(() => void child.kill('SIGTERM'));
    const count = (passed: boolean) => {
      undo();
      const failures = passed
        ? []
        : [{ test: told, why: 'It did not end well: what it printed stands above.' }];
      resolve({ passed: Number(passed), failed: Number(!passed), failures });
    };
    child.once('error', () => count(false));
    child.once('exit', (code) => count(code === 0));
  });
}

dataFolder('log');
await run(main);
