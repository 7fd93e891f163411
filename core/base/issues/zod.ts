import type { z } from 'zod';
import { type Issue, type Outcome, showValue } from './issue';

type ZodIssue = z.core.$ZodIssue;

/** Nobody reads more than this; the rest shows when these are mended. */
const MOST_ISSUES = 50;

/** Parses with a schema and gives either the value or the full list of issues. */
export function parseWith<T>(schema: z.ZodType<T>, input: unknown): Outcome<T> {
  const parsed = schema.safeParse(input, { reportInput: true });
  if (parsed.success) return { ok: true, value: parsed.data };
  return { ok: false, issues: parsed.error.issues.slice(0, MOST_ISSUES).flatMap((issue) => toIssues(issue)) };
}

function toIssues(issue: ZodIssue, under: readonly PropertyKey[] = []): Issue[] {
  const path = pathText([...under, ...issue.path]);
  const value = showValue(issue.input);
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({
        code: 'unknown_key',
        path: path === '' ? key : `${path}.${key}`,
        value: 'not a known field',
        accepted: 'leave it out, or check the spelling',
      }));
    case 'invalid_type':
      return issue.input === undefined
        ? [{ code: 'missing', path, value, accepted: `${article(issue.expected)} is needed` }]
        : [{ code: 'wrong_type', path, value, accepted: `${article(issue.expected)} is needed` }];
    case 'too_small':
    case 'too_big':
      return [{ code: 'out_of_range', path, value: lengthOr(issue, value), accepted: rangeText(issue) }];
    case 'invalid_value':
      return [
        { code: 'out_of_range', path, value, accepted: `one of ${issue.values.map(String).join(', ')}` },
      ];
    case 'invalid_union':
      return fromUnion(issue, [...under, ...issue.path], value);
    case 'invalid_key':
      return [{ code: 'unknown_key', path, value: 'not a known field', accepted: wordsOf(issue.issues[0]) }];
    default:
      return [{ code: 'refused', path, value, accepted: issue.message }];
  }
}

/** What the branches of a union take: their types, or what is wrong with the branch that comes nearest. */
function fromUnion(
  issue: Extract<ZodIssue, { code: 'invalid_union' }>,
  path: readonly PropertyKey[],
  value: string,
): Issue[] {
  if (issue.discriminator !== undefined) {
    // The field that says which branch it is names none of them: that field is what is wrong.
    const given = (issue.input as Record<string, unknown> | undefined)?.[issue.discriminator];
    const branches = [...issue.message.matchAll(/'([^']*)'/g)].map(([, branch]) => branch);
    const accepted = `one of ${branches.join(', ')}`;
    return [{ code: 'out_of_range', path: pathText(path), value: showValue(given), accepted }];
  }
  const types = issue.errors.flatMap(([first]) =>
    first?.code === 'invalid_type' && first.path.length === 0 ? [article(first.expected)] : [],
  );
  if (types.length === issue.errors.length || issue.errors.length === 0) {
    const accepted = types.length > 0 ? `${[...new Set(types)].join(' or ')} is needed` : issue.message;
    return [{ code: 'wrong_type', path: pathText(path), value, accepted }];
  }
  const fitting = issue.errors.filter(([first]) => first?.code !== 'invalid_type' || first.path.length > 0);
  const nearest = fitting.reduce((best, each) => (each.length < best.length ? each : best));
  return nearest.flatMap((each) => toIssues(each, path));
}

function wordsOf(issue: ZodIssue | undefined): string {
  return issue ? toIssues(issue)[0]!.accepted : 'a known field';
}

/** Long inputs are named by their length, not repeated. */
function lengthOr(issue: { origin: string; input?: unknown }, value: string): string {
  if (issue.origin === 'string') {
    const { length } = String(issue.input);
    return length === 0 ? 'empty' : `${length} characters long`;
  }
  if (issue.origin === 'array' && Array.isArray(issue.input)) return `${issue.input.length} entries`;
  return value;
}

/** The accepted end of a range; a schema that names both ends does so in its own message. */
function rangeText(issue: {
  code: string;
  message: string;
  minimum?: number | bigint;
  maximum?: number | bigint;
  inclusive?: boolean;
  origin: string;
}): string {
  if (!issue.message.startsWith('Too ')) return issue.message;
  const unit = issue.origin === 'string' ? ' characters' : issue.origin === 'array' ? ' entries' : '';
  if (issue.minimum !== undefined)
    return `${issue.inclusive === false ? 'more than' : 'at least'} ${issue.minimum}${unit}`;
  return `${issue.inclusive === false ? 'less than' : 'at most'} ${issue.maximum}${unit}`;
}

function article(type: string): string {
  if (type === 'record' || type === 'object') return 'an object';
  if (type === 'int') return 'a whole number';
  return /^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`;
}

function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, part) =>
      typeof part === 'number' ? `${text}[${part}]` : text === '' ? String(part) : `${text}.${String(part)}`,
    '',
  );
}
