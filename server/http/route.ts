import { type JsonBounds, readJsonText } from '../../core/base/issues/json';
import { PASS_HEADER } from '../../core/base/people/pass';
import type { Right } from '../../core/base/people/roles';
import { within } from '../db/deadline';
import { toFailure } from '../db/failures';
import { accept, Failure } from '../failure';
import { log } from '../log';
import { type Actor, actorWith, as, whoActs } from '../people/actor';
import { cookieOf, DEVICE_COOKIE, isSecure, SESSION_COOKIE, tokenIn } from '../people/cookies';
import { deviceWith } from '../people/devices';
import { countTry } from '../people/limits';
import { passOf } from '../people/passes';
import { rotate, sessionOf } from '../people/sessions';

/** No body a person's work makes is larger than this. */
const LARGEST_BODY = 1024 * 1024;

type Context<P> = { params: Promise<P> };
type Handler<P> = (request: Request, params: P) => Promise<unknown>;

/** Everything but an import answers within this, ms: a person is standing there. */
const DEADLINE_MS = 20_000;

export type RouteOptions = {
  /** Answers within this, ms. */
  withinMs?: number;
  /** Asked for before anything is read, where what is sent is large or what is answered a stream. */
  right?: Right;
  /** Keeps the machine busy: so many a minute for each person. */
  costly?: boolean;
  /** Answers whoever asks: what tells that the server is there, and what lets somebody in. */
  open?: boolean;
};

/**
 * A route handler: for somebody who is signed in, JSON out, every failure with its code and words, one log line a request, an answer
 * in time. What that somebody may do is decided where the data is asked for (`database`).
 */
export function route<P = Record<string, never>>(
  handler: Handler<P>,
  { withinMs = DEADLINE_MS, costly = false, open = false, right }: RouteOptions = {},
) {
  return async (request: Request, context: Context<P>): Promise<Response> => {
    const started = performance.now();
    const path = new URL(request.url).pathname;
    try {
      if (request.method !== 'GET' && request.method !== 'HEAD') refuseForeign(request);
      const asker = open ? undefined : await whoAsks(request);
      if (right && asker) as(asker.actor, () => actorWith(right));
      if (costly) await countTry('costly', asker?.actor.id ?? 'a command');
      const answering = async () => handler(request, await context.params);
      const answer = await within(withinMs, asker ? as(asker.actor, answering) : answering());
      log.info({ method: request.method, path, ms: Math.round(performance.now() - started) }, 'served');
      const response = answer instanceof Response ? answer : Response.json(answer ?? {});
      if (asker?.token)
        response.headers.append('set-cookie', cookieOf(SESSION_COOKIE, asker.token, isSecure(request)));
      return response;
    } catch (error) {
      const { status, body } = failed(error, { method: request.method, path });
      return Response.json(body, { status });
    }
  };
}

/** Who asks, by the token the browser has; and the token to exchange it for, where it is time. */
async function whoAsks(request: Request): Promise<{ actor: Actor; token?: string }> {
  const pass = request.headers.get(PASS_HEADER);
  if (pass !== null) return { actor: await actorByPass(pass, request) };
  const token = tokenIn(request, SESSION_COOKIE);
  const found = token === undefined ? undefined : await sessionOf(token);
  if (found && token) {
    const fresh = found.rotate ? await rotate(token) : undefined;
    return { actor: found.actor, ...(fresh ? { token: fresh } : {}) };
  }
  const standing = whoActs();
  if (!standing) throw new Failure('signed_out', 'Nobody is signed in on this device.');
  return { actor: standing };
}

/** Whoever entered what is sent, on a device that had no network then: somebody else may be signed in on it now. */
async function actorByPass(pass: string, request: Request): Promise<Actor> {
  const known = tokenIn(request, DEVICE_COOKIE);
  const device = known === undefined ? undefined : await deviceWith(known);
  const actor = await passOf(pass, device?.id ?? null);
  if (!actor) throw new Failure('signed_out', 'Whoever entered this has to sign in on this device again.');
  return actor;
}

/** What a failure is answered with, and its line in the log; what broke says nothing of itself to the asker. */
export function failed(
  error: unknown,
  asked: { method: string; path: string },
): { status: number; body: object } {
  const failure = toFailure(error);
  if (!failure) {
    log.error({ ...asked, err: error }, 'failed');
    return {
      status: 500,
      body: { code: 'broken', message: 'Something broke on our side. Nothing was saved.' },
    };
  }
  const { code, message, detail, status } = failure;
  log.warn({ ...asked, code, message }, 'refused');
  return { status, body: { code, message, ...detail } };
}

/** A page of another site must not write here through the browser of somebody standing in the shop. */
function refuseForeign(request: Request): void {
  const site = request.headers.get('sec-fetch-site');
  if (site === 'cross-site' || site === 'same-site') {
    throw new Failure('foreign', 'That came from another site and was not taken.');
  }
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json') && !type.startsWith('application/x-ndjson')) {
    throw new Failure(
      'foreign',
      `Only JSON is taken here; this came as ${type === '' ? 'nothing named' : type.slice(0, 60)}.`,
    );
  }
}

/** The body as it came, refused when it is larger than anything honest, without reading it all first. */
export async function readBytes(request: Request, largest = LARGEST_BODY): Promise<Uint8Array<ArrayBuffer>> {
  const said = Number(request.headers.get('content-length') ?? 0);
  if (said > largest) throw tooLarge(largest);
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > largest) {
      await reader.cancel();
      throw tooLarge(largest);
    }
    chunks.push(value);
  }
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    bytes.set(chunk, at);
    at += chunk.length;
  }
  return bytes;
}

function tooLarge(largest: number): Failure {
  return new Failure('too_large', `That is more than ${Math.round(largest / 1024)} kB at once.`);
}

/**
 * The body as JSON, still unchecked: what it says is for the action to judge.
 * @param largest bytes it may have, and how deep and wide it may be
 */
export async function readJson(request: Request, largest?: number, bounds?: JsonBounds): Promise<unknown> {
  return accept(readJsonText(new TextDecoder().decode(await readBytes(request, largest)), 'body', bounds));
}
