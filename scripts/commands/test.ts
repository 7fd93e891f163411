import { spawn } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { aptInstall } from '../system/apt';
import { dataFolder, ROOT } from '../system/paths';
import { clusterUrl, startCluster, stopCluster } from '../system/postgres';
import { run, say } from '../system/say';
import { build } from '../system/web';

type Count = { passed: number; failed: number };

/** Everything there is to check, from nothing; ends what it started; the last line counts. */
async function main(): Promise<number> {
  if (!existsSync('/usr/bin/chromium')) aptInstall(['chromium'], 'the browser tests');
  const home = mkdtempSync(join(tmpdir(), 'bavrin-test-'));
  // Debian's postgres user has to get through to its own folder inside.
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  const total: Count = { passed: 0, failed: 0 };
  const add = (name: string, count: Count) => {
    total.passed += count.passed;
    total.failed += count.failed;
    say(`— ${name}: ${count.passed} passed, ${count.failed} failed`);
  };
  const cleanUp = () => {
    stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      cleanUp();
      process.exit(130);
    });
  }
  try {
    const cluster = await startCluster(folder);
    const env = {
      ...process.env,
      BAVRIN_TEST_SERVER: clusterUrl(cluster, ''),
      BAVRIN_DIST: '.next-test',
      BAVRIN_LOG: 'error',
    };
    delete (env as Record<string, string | undefined>).DATABASE_URL;
    add('format and lint', await step('biome', ['check', '.'], env));
    add(
      'floors',
      await step(
        'depcruise',
        [
          '--config',
          '.dependency-cruiser.cjs',
          'app',
          'features',
          'server',
          'ui',
          'core',
          'workers',
          'db',
          'tests',
          'scripts',
        ],
        env,
      ),
    );
    add('nothing unused', await step('knip', [], env));
    await step('next', ['typegen'], { ...env, BAVRIN_DIST: '.next' });
    add('types', await step('tsc', ['--noEmit'], env));
    build('.next-test');
    const unit = join(home, 'vitest.json');
    await step('vitest', ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`], env);
    add('unit, command and database', vitestCount(unit));
    const browser = join(home, 'playwright.json');
    await step('playwright', ['test'], { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: browser });
    add('browser', playwrightCount(browser));
  } finally {
    cleanUp();
  }
  process.stdout.write(`${total.passed} passed, ${total.failed} failed\n`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
}

function step(program: string, args: string[], env: NodeJS.ProcessEnv): Promise<Count> {
  say(`\n${program} ${args.filter((arg) => !arg.startsWith('--')).join(' ')}`);
  return new Promise((resolve) => {
    const child = spawn(join(ROOT, 'node_modules/.bin', program), args, {
      cwd: ROOT,
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    child.once('error', () => resolve({ passed: 0, failed: 1 }));
    child.once('exit', (code) => resolve(code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }));
  });
}

/** A report that is missing is a failure, not silence. */
function vitestCount(file: string): Count {
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const report = JSON.parse(readFileSync(file, 'utf8'));
  return {
    passed: report.numPassedTests,
    failed: report.numFailedTests + (report.success || report.numFailedTests > 0 ? 0 : 1),
  };
}

function playwrightCount(file: string): Count {
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(readFileSync(file, 'utf8'));
  if (stats.flaky > 0) say(`${stats.flaky} browser tests passed only at the second try`);
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
}

dataFolder('log');
await run(main);
