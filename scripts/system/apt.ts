import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { Plain, say } from './say';

/** Whether this process may change the system, and through what. */
function asRoot(command: string[]): string[] | undefined {
  if (process.getuid?.() === 0) return command;
  return spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0 ||
    (process.stdin.isTTY && existsSync('/usr/bin/sudo'))
    ? ['sudo', ...command]
    : undefined;
}

/** Installs Debian packages, quietly; says which and why first. */
export function aptInstall(packages: string[], why: string): void {
  const names = packages.join(' ');
  if (!existsSync('/usr/bin/apt-get')) {
    throw new Plain(
      `${why} needs ${names}; this is no Debian machine, so install it by hand and run this again.`,
    );
  }
  say(`Installing ${names} (once; ${why}) …`);
  if (packages.some((name) => name.startsWith('postgresql'))) keepDebianFromStartingItsOwn();
  if (packages.includes('caddy')) keepServiceFromStarting('caddy');
  const install = [
    'env',
    'DEBIAN_FRONTEND=noninteractive',
    'apt-get',
    'install',
    '-y',
    '-q',
    '--no-install-recommends',
    '-o',
    'Dpkg::Options::=--force-confold',
    ...packages,
  ];
  const update = asRoot(['apt-get', 'update', '-q']);
  const command = asRoot(install);
  if (!update || !command) {
    throw new Plain(
      `${why} needs ${names}, and neither root nor sudo is at hand. Run: apt-get install ${names}`,
    );
  }
  spawnSync(update[0]!, update.slice(1), { stdio: 'ignore' });
  const done = spawnSync(command[0]!, command.slice(1), { encoding: 'utf8' });
  if (done.status !== 0) {
    throw new Plain(
      `apt-get could not install ${names}:\n${(done.stderr || done.stdout || '').trim().split('\n').slice(-6).join('\n')}`,
    );
  }
}

/** A service that a package would start on a door of its own is not started: this project starts its program itself. */
function keepServiceFromStarting(name: string): void {
  const unit = `/etc/systemd/system/${name}.service`;
  const command = asRoot([
    'sh',
    '-c',
    `[ -e ${unit} ] || { mkdir -p /etc/systemd/system && ln -s /dev/null ${unit}; }`,
  ]);
  if (command) spawnSync(command[0]!, command.slice(1), { stdio: 'ignore' });
}

/** Debian's package makes and starts a server of its own when it is installed; this project starts its own instead. */
function keepDebianFromStartingItsOwn(): void {
  const file = '/etc/postgresql-common/createcluster.conf';
  if (existsSync(file)) return;
  const text = 'create_main_cluster = false\n';
  if (process.getuid?.() === 0) {
    mkdirSync('/etc/postgresql-common', { recursive: true });
    writeFileSync(file, text);
    return;
  }
  const script = `mkdir -p /etc/postgresql-common && printf '${text.trim()}\\n' > ${file}`;
  const command = asRoot(['sh', '-c', script]);
  if (command) spawnSync(command[0]!, command.slice(1), { stdio: 'ignore' });
}
