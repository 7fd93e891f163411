import { randomUUID } from 'node:crypto';
import { type Asked, ask } from '../system/ask';

/** Answers that are written one over the other: each replaces the one before it. */
const STATES = ['yes', 'no'];

export type Landed = { id: string; ms: number };

/** Opens a job on a car, as a page does. @returns its id */
export async function openJob(address: string, cookie: string, carId: string): Promise<string> {
  const id = randomUUID();
  const body = { id, carId, complaint: 'One of many', neededAt: null };
  const response = await post(`${address}/api/jobs`, cookie, body);
  if (response.status !== 200) throw new Error(`no job was opened: ${response.status} ${response.text}`);
  return id;
}

function post(path: string, cookie: string, body: object): Promise<Asked> {
  const headers = { 'content-type': 'application/json', cookie };
  return ask(path, 10_000, { method: 'POST', headers, body: JSON.stringify(body) });
}

/**
 * A person who answers one question over and over: each answer is sent under one id until the server says that it stands, as the
 * outbox of a page does it.
 * @param where asked anew for every try: a server that was ended may come back elsewhere
 */
export function writer(where: () => string, cookie: string, job: string) {
  let head: string | null = null;
  let turn = 0;
  return {
    async write(isOver: () => boolean): Promise<Landed | undefined> {
      const id = randomUUID();
      const state = STATES[turn++ % 2];
      const body = {
        id,
        phase: 'before',
        finding: 'pedal_spongy',
        place: '',
        state,
        replaces: head,
        why: '',
      };
      const started = performance.now();
      while (!isOver()) {
        const response = await post(`${where()}/api/jobs/${job}/answers`, cookie, body).catch(
          () => undefined,
        );
        if (response?.status === 200) {
          head = id;
          return { id, ms: performance.now() - started };
        }
        if (response && response.status < 500 && response.status !== 429)
          throw new Error(`refused: ${response.status} ${response.text.slice(0, 300)}`);
        await new Promise((resolve) => setTimeout(resolve, 40));
      }
      return undefined;
    },
  };
}
