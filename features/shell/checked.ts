import type { z } from 'zod';
import type { Issue } from '@/core/base/issues/issue';
import type { Refusal } from './refusal';

/** What forms send, by what it is held against: the server's own schema, fetched when it is first needed. */
const SCHEMAS = {
  bench: () => import('@/core/car/benchStateSchema').then((module) => module.benchStateSchema),
  closing: () => import('@/core/job/closingSchema').then((module) => module.closingSchema),
  car: () => import('@/core/car/spec').then((module) => module.carSpecSchema),
  event: () => import('@/core/planning/wear/eventSchema').then((module) => module.eventSchema),
  fill: () => import('@/core/planning/fill/fillSchema').then((module) => module.fillSchema),
  job: () => import('@/core/job/schemas').then((module) => module.newJobSchema),
  note: () => import('@/core/car/noteSchema').then((module) => module.carNoteSchema),
  lot: () => import('@/core/planning/shelf/shelfSchema').then((module) => module.newShelfItemSchema),
  part: () => import('@/core/planning/shelf/shelfSchema').then((module) => module.newPartSchema),
  setup: () => import('@/core/planning/knockback/setupSchema').then((module) => module.setupSchema),
  shop: () => import('@/core/car/shop').then((module) => module.shopSchema),
} as const satisfies Record<string, () => Promise<z.ZodType>>;

export type Checked = keyof typeof SCHEMAS;

/** What the server would refuse, said at once and without asking it; the server checks all the same. */
export async function refusalOf(kind: Checked, content: unknown): Promise<Refusal | undefined> {
  const [schema, { parseWith }] = await Promise.all([SCHEMAS[kind](), import('@/core/base/issues/zod')]);
  const outcome = parseWith<unknown>(schema, content);
  return outcome.ok ? undefined : refusalFrom(outcome.issues);
}

/** Issues as the server would send them. */
export function refusalFrom(issues: Issue[]): Refusal {
  return { code: 'refused', message: 'Some of that cannot be right.', issues };
}
