import { type Issue, type Outcome, showValue } from './issue';

/** How deep and how wide a text of JSON may be before it is read. */
export type JsonBounds = {
  /** Brackets within brackets. */
  depth: number;
  /** Entries and fields, all together. */
  values: number;
};

/** More than anything a person's work makes: a sheet of readings has some hundred values, four brackets deep. */
const ORDINARY: JsonBounds = { depth: 24, values: 20_000 };

/**
 * Reads JSON that somebody sent. Refused before it costs anything: what is no JSON, nests or counts past its bounds, or
 * holds text that no database keeps (a null character, half of a surrogate pair).
 * @param text the JSON
 * @param path how the whole is called in an issue, e.g. `body`
 */
export function readJsonText(text: string, path: string, bounds: JsonBounds = ORDINARY): Outcome<unknown> {
  const past = pastBounds(text, bounds);
  if (past) return refuse(path, past.value, past.accepted);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refuse(path, `${text.length} characters`, `JSON (${(error as Error).message})`);
  }
  const odd = ESCAPED.test(text) ? oddText(value) : undefined;
  return odd === undefined
    ? { ok: true, value }
    : refuse(path, showValue(odd), 'plain text, without null characters or half characters');
}

function refuse(path: string, value: string, accepted: string): Outcome<never> {
  const issue: Issue = { code: 'refused', path, value, accepted };
  return { ok: false, issues: [issue] };
}

/** Goes through the characters once, building nothing. */
function pastBounds(text: string, bounds: JsonBounds): { value: string; accepted: string } | undefined {
  let depth = 0;
  let values = 1;
  let quoted = false;
  for (let at = 0; at < text.length; at++) {
    const sign = text.charCodeAt(at);
    if (quoted) {
      if (sign === BACKSLASH) at += 1;
      else if (sign === QUOTE) quoted = false;
    } else if (sign === QUOTE) quoted = true;
    else if (sign === COMMA) values += 1;
    else if (sign === OPEN_LIST || sign === OPEN_OBJECT) {
      depth += 1;
      values += 1;
      if (depth > bounds.depth)
        return { value: `nested more than ${bounds.depth} deep`, accepted: `at most ${bounds.depth} deep` };
    } else if (sign === CLOSE_LIST || sign === CLOSE_OBJECT) depth -= 1;
    if (values > bounds.values)
      return { value: `more than ${bounds.values} values`, accepted: `at most ${bounds.values} values` };
  }
  return undefined;
}

const [QUOTE, BACKSLASH, COMMA] = [34, 92, 44];
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [91, 93, 123, 125];

/** What is odd can only have come in escaped: a text without such escapes needs no second look. */
const ESCAPED = /\\u(0000|d[89a-f])/i;
const HALF = /\p{Surrogate}/u;

/** The first text or field name that no database keeps. */
function oddText(whole: unknown): string | undefined {
  const waiting: unknown[] = [whole];
  while (waiting.length > 0) {
    const value = waiting.pop();
    if (typeof value === 'string') {
      if (value.includes('\0') || HALF.test(value)) return value;
    } else if (Array.isArray(value)) for (const each of value) waiting.push(each);
    else if (value !== null && typeof value === 'object')
      for (const [key, each] of Object.entries(value)) waiting.push(key, each);
  }
  return undefined;
}
