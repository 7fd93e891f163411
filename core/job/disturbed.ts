import { planOf } from '../planning/run/run';
import type { Part } from '../planning/run/step';
import type { FindingId } from '../readings/vocabulary/findings';
import type { JobSheet } from './sheet';

/** Chapters of a run in which lines are opened, pistons move or parts come off. */
const DISTURBING: readonly Part[] = ['Pressure', 'Apart', 'Corner', 'Modulator', 'Fit'];

/** Answers about the pedal and the lines: what they said goes stale when the system is touched again. */
const OF_THE_PEDAL: readonly FindingId[] = [
  'pedal_now',
  'pedal_hold',
  'pedal_pump',
  'leak',
  'behind_master',
  'reservoir_level',
];

/**
 * When work last touched pedal, pistons or lines; nothing when none did. A step taken back counts as well: it was done,
 * and is about to be done again. Work that asks for a firm pedal before the car moves is work that touches it.
 */
export function disturbedAt({ works, ticks }: Pick<JobSheet, 'works' | 'ticks'>): string | undefined {
  return works
    .flatMap((work) => {
      // Of a visit only the last proves the pedal, for all of them.
      const { steps } = planOf(work.alone === undefined ? work : { plan: work.alone });
      if (!steps.some((step) => step.cautions?.includes('firm_pedal'))) return [];
      const touching = new Set(steps.filter((step) => DISTURBING.includes(step.part)).map((step) => step.id));
      return ticks
        .filter((tick) => tick.workId === work.id && touching.has(tick.step))
        .map((tick) => tick.tickedAt);
    })
    .sort()
    .at(-1);
}

/** Whether an answer was given before the system was touched again. */
export function isStale(finding: FindingId, saidAt: string, touched: string | undefined): boolean {
  return touched !== undefined && OF_THE_PEDAL.includes(finding) && saidAt < touched;
}
