import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type Asking, PAGES, SHEETS, STATIC } from './keep';
import { keeper } from './keeping';

/** Caches as a browser has them: one that is deleted lives on for whoever holds it, and is found by nobody. */
class Shelves {
  private shelves = new Map<string, Map<string, Response>>();
  async open(name: string) {
    const held = this.shelves.get(name) ?? new Map<string, Response>();
    this.shelves.set(name, held);
    return {
      match: async (address: string) => held.get(address),
      put: async (address: string, response: Response) => void held.set(address, response),
    };
  }
  delete = async (name: string) => this.shelves.delete(name);
  in = (name: string) => [...(this.shelves.get(name)?.keys() ?? [])];
}

/** A server that answers when it is let. */
class Server {
  asked: string[] = [];
  private waiting: (() => void)[] = [];
  holds = false;
  fetch = async (address: string) => {
    this.asked.push(address);
    if (this.holds) await new Promise<void>((go) => this.waiting.push(go));
    if (address === '/gone') return new Response('', { status: 404 });
    if (address === '/off') throw new TypeError('Failed to fetch');
    const response = new Response(address);
    if (address === '/others') return moved(response, 'http://shop/sign-in');
    if (address === '/job/1') return moved(response, 'http://shop/job/1/complaint');
    return response;
  };
  let() {
    this.holds = false;
    for (const go of this.waiting.splice(0)) go();
  }
}
const moved = (response: Response, url: string) =>
  Object.defineProperties(response, { redirected: { value: true }, url: { value: url } });

const BAY: Asking = {
  keep: {
    files: ['/build.js'],
    always: ['/', '/shelf'],
    sheets: ['/api/jobs/1'],
    pages: ['/job/1', '/job/2'],
  },
  whole: true,
  whose: 'Mira 1',
};
let shelves: Shelves;
let server: Server;
beforeEach(() => {
  shelves = new Shelves();
  server = new Server();
  vi.stubGlobal('caches', shelves);
  vi.stubGlobal('fetch', server.fetch);
});
afterEach(() => vi.unstubAllGlobals());

const turns = () => new Promise((resolve) => setTimeout(resolve, 5));

describe('what a device keeps', () => {
  it('is fetched in the order it is wanted, the build only where it is not there', async () => {
    const keep = keeper();
    expect(await keep(BAY)).toBe(true);
    expect(server.asked).toEqual(['/build.js', '/', '/shelf', '/api/jobs/1', '/job/1', '/job/2']);
    expect(shelves.in(STATIC)).toEqual(['/build.js']);
    expect(shelves.in(SHEETS)).toEqual(['/api/jobs/1']);
    expect(shelves.in(PAGES)).toEqual(['/', '/shelf', '/job/1', '/job/2']);
    server.asked = [];
    await keep(BAY);
    expect(server.asked).not.toContain('/build.js');
    expect(server.asked).toContain('/job/2');
  });

  it('is not the door, nor what is not there, and the rest comes all the same', async () => {
    const pages = ['/others', '/gone', '/off', '/job/2'];
    expect(await keeper()({ ...BAY, keep: { ...BAY.keep, pages } })).toBe(true);
    expect(shelves.in(PAGES)).toEqual(['/', '/shelf', '/job/2']);
  });

  it('is fetched once, however many pages are gone through meanwhile', async () => {
    const keep = keeper();
    server.holds = true;
    const first = keep(BAY);
    const second = keep(BAY);
    await turns();
    server.let();
    expect(await first).toBe(true);
    expect(await second).toBe(true);
    expect(server.asked.filter((address) => address === '/job/1')).toHaveLength(1);
  });

  it('of one job comes beside all of it', async () => {
    const keep = keeper();
    server.holds = true;
    const all = keep(BAY);
    const job = { files: [], always: ['/'], sheets: ['/api/jobs/9'], pages: ['/job/9'] };
    const one = keep({ ...BAY, keep: job, whole: false });
    await turns();
    server.let();
    expect(await Promise.all([all, one])).toEqual([true, true]);
    expect(shelves.in(PAGES)).toContain('/job/9');
  });

  it('ends for who was before as another asks; what was under way is kept of nobody', async () => {
    const keep = keeper();
    server.holds = true;
    const hers = keep({ ...BAY, keep: { ...BAY.keep, files: [], always: ['/setup/people'] } });
    await turns();
    for (const name of [PAGES, SHEETS]) await shelves.delete(name);
    const his = keep({ ...BAY, keep: { ...BAY.keep, always: ['/'] }, whose: 'Tobias 2' });
    await turns();
    server.let();
    expect(await hers).toBe(false);
    expect(await his).toBe(true);
    expect(shelves.in(PAGES)).toEqual(['/', '/job/1', '/job/2']);
    expect(server.asked.filter((address) => address === '/job/1')).toHaveLength(1);
  });

  it('is fetched again for one who comes back: what was asked before lies where nobody finds it', async () => {
    const keep = keeper();
    server.holds = true;
    const before = keep(BAY);
    await turns();
    for (const name of [PAGES, SHEETS]) await shelves.delete(name);
    const again = keep({ ...BAY, whose: 'Mira 3' });
    await turns();
    server.let();
    expect(await before).toBe(false);
    expect(await again).toBe(true);
    expect(shelves.in(PAGES)).toEqual(['/', '/shelf', '/job/1', '/job/2']);
  });
});
