import { createServer } from 'node:net';

/** Whether a port can be listened on at this address. */
export function isFree(port: number, host = '127.0.0.1'): Promise<boolean> {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen({ port, host, exclusive: true }, () => server.close(() => resolve(true)));
  });
}

/** The first free port from a preferred one up, or any free one. */
export async function freePort(preferred?: number, host = '127.0.0.1'): Promise<number> {
  if (preferred !== undefined) {
    for (let port = preferred; port < preferred + 20; port++) if (await isFree(port, host)) return port;
  }
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen({ port: 0, host }, () => {
      const address = server.address();
      server.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}
