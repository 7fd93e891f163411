import type { Corner } from '../../car/corner';
import type { Run } from '../run/run';
import type { Step } from '../run/step';

/** What came out at one bleeder, as somebody wrote it down. */
export type CameOut = {
  corner: Corner;
  bleeder: 'single' | 'outer' | 'inner';
  /** Planned, and when it ran clear, ml. */
  plannedMl: number;
  clearAtMl?: number;
  bubbles?: 'none' | 'few' | 'many';
  dirt: boolean;
};

/** A bleeder of the car, as its volumes are kept: "FL single". */
function bleederKey({ corner, bleeder }: Pick<CameOut, 'corner' | 'bleeder'>): string {
  return `${corner} ${bleeder}`;
}

/** What came out, bleeder by bleeder, in the order of the run; a bleeder's second round says nothing new of it. */
export function cameOutOf({ steps, last }: Pick<Run, 'steps' | 'last'>): CameOut[] {
  const seen = new Set<string>();
  return steps.flatMap((step): CameOut[] => {
    const tick = last.get(step.id);
    if (!step.ml || step.corner === undefined || !tick?.done) return [];
    const at = { corner: step.corner, bleeder: step.ml.bleeder };
    if (seen.has(bleederKey(at))) return [];
    seen.add(bleederKey(at));
    const { clearAt, colour } = tick.record;
    const bubbles = bubblesIn(tick.record);
    return [
      {
        ...at,
        plannedMl: step.ml.here,
        ...(typeof clearAt === 'number' ? { clearAtMl: clearAt } : {}),
        ...(bubbles ? { bubbles } : {}),
        dirt: colour === 'dirt',
      },
    ];
  });
}

/** The bubbles written down at a bleeder. */
function bubblesIn(record: Readonly<Record<string, unknown>>): CameOut['bubbles'] {
  const { bubbles } = record;
  return bubbles === 'none' || bubbles === 'few' || bubbles === 'many' ? bubbles : undefined;
}

/** What a bleeder's bubbles say of the car before the work; undefined where nobody looked. */
export function bubblesFound(
  step: Pick<Step, 'ml' | 'corner'>,
  record: Readonly<Record<string, unknown>>,
): { corner: Corner; state: 'none' | 'few' | 'many' } | undefined {
  const state = bubblesIn(record);
  return step.ml && step.corner && state ? { corner: step.corner, state } : undefined;
}

/** What each bleeder took to run clear, ml: where next time's plan begins. */
export function clearAtOf(run: Pick<Run, 'steps' | 'last'>): Record<string, number> {
  return Object.fromEntries(
    cameOutOf(run).flatMap((each) =>
      each.clearAtMl === undefined ? [] : [[bleederKey(each), each.clearAtMl]],
    ),
  );
}

/**
 * What the fluid that came out asks, in words. Common practice, no source.
 * @param opened whether the system had been opened since the pedal was last good
 */
export function askedBy(came: readonly CameOut[], opened: boolean): string[] {
  const corners = (wanted: (each: CameOut) => boolean) => [
    ...new Set(came.filter(wanted).map(({ corner }) => corner)),
  ];
  const all = corners(() => true);
  const bubbles = corners((each) => each.bubbles === 'few' || each.bubbles === 'many');
  const dirt = corners(({ dirt: is }) => is);
  return [
    ...(bubbles.length > 0 && !opened
      ? [
          `Bubbles at ${bubbles.join(', ')}, and nobody had opened the system: where does the air come from? Level, the master’s seals, the last fill.`,
        ]
      : []),
    ...(dirt.length > 0 && dirt.length < all.length
      ? [`Dirt at ${dirt.join(', ')} only: its hose or its seals shed it.`]
      : []),
    ...(dirt.length > 1 && dirt.length === all.length
      ? ['Dirt at every corner: it comes from above, the master’s seals or the reservoir.']
      : []),
    ...came
      .filter(({ clearAtMl = 0, plannedMl }) => clearAtMl > plannedMl)
      .map(
        (each) =>
          `${each.corner}${each.bleeder === 'single' ? '' : `, ${each.bleeder}`} took ${each.clearAtMl} ml to run clear, ${each.plannedMl} planned: the next plan goes by it.`,
      ),
  ];
}
