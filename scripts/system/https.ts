import { spawn } from 'node:child_process';
import { closeSync, existsSync, openSync, readFileSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { aptInstall } from './apt';
import { BUILT } from './packed';
import { dataFolder, ROOT } from './paths';
import { freePort } from './port';
import { markOf } from './processes';
import { Plain } from './say';
import { distFolder, endGroup } from './web';

/** Debian's proxy: it makes certificates by an authority of its own, which a phone is told to trust once. */
const PROXY = { program: '/usr/bin/caddy', package: 'caddy' };
const USUAL_PORT = 4690;
const READY_MS = 20_000;

/** Where a shop is reached over https, and where its certificate is fetched in plain. */
export type SecureDoors = { port: number; plainPort: number; address: string; certificate: string };

/** The addresses this machine has in its network. */
function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flat()
    .filter((each) => each !== undefined && !each.internal && each.family === 'IPv4')
    .map((each) => each!.address);
}

/** Finds ports, and what the doors are called: the address in figures, which every phone can type. */
export async function secureDoors(host: string): Promise<SecureDoors> {
  const port = await freePort(USUAL_PORT, host);
  const plainPort = await freePort(port + 1, host);
  const name = host === '0.0.0.0' ? (ownAddresses()[0] ?? '127.0.0.1') : host;
  return {
    port,
    plainPort,
    address: `https://${name}:${port}`,
    certificate: `http://${name}:${plainPort}/bavrin.crt`,
  };
}

type Proxied = SecureDoors & { host: string; names: string[]; appPorts: readonly number[]; of: string };

/** Puts the proxy in front of servers that listen on loopback, and waits until it answers under its own certificate. */
export async function proxy(doors: Proxied): Promise<{ pid: number }> {
  if (!existsSync(PROXY.program)) aptInstall([PROXY.package], 'a secure address');
  const folder = dataFolder('https');
  const config = join(folder, 'Caddyfile');
  writeFileSync(config, configOf(doors, folder), { mode: 0o600 });
  const out = openSync(join(dataFolder('log'), 'https.log'), 'a', 0o600);
  const child = spawn(PROXY.program, ['run', '--config', config, '--adapter', 'caddyfile'], {
    detached: true,
    stdio: ['ignore', out, out],
    env: { ...process.env, ...markOf(doors.of), XDG_CONFIG_HOME: folder, XDG_DATA_HOME: folder },
  });
  closeSync(out);
  child.unref();
  const { pid } = child;
  if (pid === undefined) throw new Plain('the proxy for https could not be started');
  const until = Date.now() + READY_MS;
  while (Date.now() < until && child.exitCode === null) {
    if (await answersSecurely(doors, folder)) return { pid };
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  endGroup(pid);
  const words = readFileSync(join(dataFolder('log'), 'https.log'), 'utf8')
    .trim()
    .split('\n')
    .slice(-4);
  throw new Plain(`the proxy for https did not come up; its last words:\n${words.join('\n')}`);
}

const rootOf = (folder: string) => join(folder, 'pki/authorities/local/root.crt');

/** Whether the shop answers over https, by the certificate of its own authority. */
async function answersSecurely({ port, host }: Proxied, folder: string): Promise<boolean> {
  if (!existsSync(rootOf(folder))) return false;
  const name = host === '0.0.0.0' ? '127.0.0.1' : host;
  return new Promise((resolve) => {
    const asked = request(
      `https://${name}:${port}/api/health`,
      { ca: readFileSync(rootOf(folder)), timeout: 2000 },
      (response) => {
        response.resume();
        resolve(response.statusCode === 200);
      },
    );
    asked.on('error', () => resolve(false)).on('timeout', () => asked.destroy());
    asked.end();
  });
}

/**
 * Whoever has least to do answers next. One that is gone is asked no more until it answers for itself again; what had not reached it goes to
 * another, and what had is sent again by whoever entered it.
 */
const AMONG_SEVERAL = ` {
		lb_policy least_conn
		lb_try_duration 5s
		lb_try_interval 50ms
		fail_duration 5s
		health_uri /api/health
		health_interval 2s
		health_timeout 2s
	}`;

/** Two doors: the shop over https, and in plain nothing but its certificate and the way to the other. */
function configOf({ port, plainPort, host, names, appPorts }: Proxied, folder: string): string {
  const own = host === '0.0.0.0' ? ownAddresses() : [host];
  const machine = hostname().toLowerCase();
  const called = new Set([
    ...['127.0.0.1', 'localhost'],
    ...own,
    ...[machine, `${machine}.local`],
    ...names.map((name) => name.replace(/:\d+$/, '').toLowerCase()),
  ]);
  const bind = host === '0.0.0.0' ? '' : `\tbind ${host}\n`;
  return `{
	admin off
	skip_install_trust
	auto_https disable_redirects
	default_sni ${own[0] ?? '127.0.0.1'}
	storage file_system "${folder}"
	grace_period 2s
}
${[...called].map((name) => `https://${name}:${port}`).join(', ')} {
${bind}	tls internal
	handle_path ${BUILT.address}/* {
		root * "${join(ROOT, distFolder(), BUILT.folder)}"
		@there file
		header @there Cache-Control "public, max-age=31536000, immutable"
		header X-Content-Type-Options nosniff
		encode gzip
		file_server {
			precompressed br
		}
	}
	reverse_proxy ${appPorts.map((each) => `127.0.0.1:${each}`).join(' ')}${appPorts.length > 1 ? AMONG_SEVERAL : ''}
}
http://:${plainPort} {
${bind}	handle /bavrin.crt {
		root * "${join(folder, 'pki/authorities/local')}"
		rewrite * /root.crt
		header Content-Type application/x-x509-ca-cert
		file_server
	}
	handle {
		redir https://{host}:${port}{uri}
	}
}
`;
}
