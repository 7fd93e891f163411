import type { Outcome } from '../../core/issues/issue';
import { toFailure } from '../db/sql';
import { Failure, refused } from '../failure';
import { log } from '../log';

/** No body a person's work makes is larger than this. */
const LARGEST_BODY = 1024 * 1024;

type Context<P> = { params: Promise<P> };
type Handler<P> = (request: Request, params: P) => Promise<unknown>;

/** A route handler: JSON out, every failure with its code and words, one log line a request. */
export function route<P = Record<string, never>>(handler: Handler<P>) {
  return async (request: Request, context: Context<P>): Promise<Response> => {
    const started = performance.now();
    const path = new URL(request.url).pathname;
    try {
      if (request.method !== 'GET') refuseForeign(request);
      const answer = await handler(request, await context.params);
      log.info({ method: request.method, path, ms: Math.round(performance.now() - started) }, 'served');
      return answer instanceof Response ? answer : Response.json(answer ?? {});
    } catch (error) {
      const failure = toFailure(error);
      if (!failure) {
        log.error({ method: request.method, path, err: error }, 'failed');
        return Response.json(
          { code: 'broken', message: 'Something broke on our side. Nothing was saved.' },
          { status: 500 },
        );
      }
      log.warn({ method: request.method, path, code: failure.code, message: failure.message }, 'refused');
      return Response.json(
        { code: failure.code, message: failure.message, ...failure.detail },
        { status: failure.status },
      );
    }
  };
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

/** The body as text, refused when it is larger than anything honest, without reading it all first. */
export async function readText(request: Request, largest = LARGEST_BODY): Promise<string> {
  const said = Number(request.headers.get('content-length') ?? 0);
  if (said > largest) throw tooLarge(largest);
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > largest) {
      await reader.cancel();
      throw tooLarge(largest);
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString('utf8');
}

function tooLarge(largest: number): Failure {
  return new Failure('too_large', `That is more than ${Math.round(largest / 1024)} kB at once.`);
}

/** The body as JSON, still unchecked: what it says is for the action to judge. */
export async function readJson(request: Request): Promise<unknown> {
  const text = await readText(request);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    throw refused([
      {
        code: 'refused',
        path: 'body',
        value: `${text.length} characters`,
        accepted: `JSON (${(error as Error).message})`,
      },
    ]);
  }
  refuseNullCharacter(text);
  return json;
}

/** PostgreSQL text cannot hold it, and no keyboard makes it. */
export function refuseNullCharacter(text: string): void {
  if (!text.includes('\\u0000')) return;
  throw refused([{ code: 'refused', path: 'body', value: 'a null character', accepted: 'plain text' }]);
}

/** The value, or a refusal with every issue. */
export function accept<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw refused(outcome.issues);
  return outcome.value;
}
