import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../scripts/system/paths';

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;

export type RouteHandler = (
  request: Request,
  context: { params: Promise<Record<string, string>> },
) => Promise<Response>;

/** A method of a route as the application has it: `POST /api/jobs/[id]/answers`. */
export type RouteEntry = { name: string; method: string; path: string; handler: RouteHandler };

/** Every route handler there is, read off the folder: a new one is in the list without anybody adding it. */
export async function allRoutes(): Promise<RouteEntry[]> {
  const files = readdirSync(join(ROOT, 'app/api'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('route.ts'))
    .sort();
  const entries = await Promise.all(
    files.map(async (file) => {
      const path = `/api/${file.replace(/\/?route\.ts$/, '')}`;
      const module = (await import(join(ROOT, 'app/api', file))) as Record<string, RouteHandler>;
      return METHODS.flatMap((method): RouteEntry[] =>
        module[method] ? [{ name: `${method} ${path}`, method, path, handler: module[method] }] : [],
      );
    }),
  );
  return entries.flat();
}

/** Calls a route as a browser on the shop's own page would. */
export async function call(
  { method, path, handler }: RouteEntry,
  params: Record<string, string>,
  body?: unknown,
  cookie?: string,
): Promise<{ status: number; json: Record<string, unknown> }> {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  const request = new Request(`http://127.0.0.1${fill(path, params)}`, {
    method,
    headers: { 'content-type': 'application/json', ...(cookie ? { cookie } : {}) },
    ...(method === 'GET' ? {} : { body: text ?? '' }),
  });
  const response = await handler(request, { params: Promise.resolve(params) });
  // A stream has no end to wait for.
  if (response.headers.get('content-type') === 'text/event-stream') {
    await response.body?.cancel();
    return { status: response.status, json: {} };
  }
  const answer = await response.text();
  return { status: response.status, json: parsed(answer) };
}

/** What a page's `fetch` is to the routes themselves, without a network between. */
export function fetchFrom(routes: readonly RouteEntry[]) {
  const known = routes.map((entry) => {
    const names = [...entry.path.matchAll(/\[(\w+)\]/g)].map(([, name]) => name!);
    return { entry, names, shape: new RegExp(`^${entry.path.replace(/\[\w+\]/g, '([^/]+)')}$`) };
  });
  return async (path: string, init: RequestInit): Promise<Response> => {
    const found = known.find(({ entry, shape }) => entry.method === init.method && shape.test(path));
    if (!found) throw new Error(`no route ${init.method} ${path}`);
    const parts = found.shape.exec(path)!.slice(1);
    const params = Object.fromEntries(found.names.map((name, at) => [name, parts[at]!]));
    return found.entry.handler(new Request(`http://127.0.0.1${path}`, init), {
      params: Promise.resolve(params),
    });
  };
}

function fill(path: string, params: Record<string, string>): string {
  return path.replace(/\[(\w+)\]/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
}

function parsed(text: string): Record<string, unknown> {
  try {
    return JSON.parse(text) as Record<string, unknown>;
  } catch {
    return { text };
  }
}
