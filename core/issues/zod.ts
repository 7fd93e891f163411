import type { z } from 'zod';
import { type Issue, type Outcome, showValue } from './issue';

type ZodIssue = z.core.$ZodIssue;

/** Parses with a schema and gives either the value or the full list of issues. */
export function parseWith<T>(schema: z.ZodType<T>, input: unknown): Outcome<T> {
  const parsed = schema.safeParse(input, { reportInput: true });
  if (parsed.success) return { ok: true, value: parsed.data };
  return { ok: false, issues: parsed.error.issues.flatMap((issue) => toIssues(issue)) };
}

function toIssues(issue: ZodIssue): Issue[] {
  const path = pathText(issue.path);
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
      return [{ code: 'wrong_type', path, value, accepted: issue.message }];
    default:
      return [{ code: 'refused', path, value, accepted: issue.message }];
  }
}

/** Long inputs are named by their length, not repeated. */
function lengthOr(issue: { origin: string; input?: unknown }, value: string): string {
  if (issue.origin === 'string') return `${String(issue.input).length} characters long`;
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
