import type { Judgement } from '@/core/job/judgement';
import type { JobSheet } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import type { FigureSlot } from '@/core/planning/run/rows';
import { readingLabel } from '@/core/readings/measureOf';
import type { Phase } from '@/core/readings/phase';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { readingWords } from '../measure/readingWords';
import type { Units } from '../shell/units';

/** What a slot is called. */
export function slotLabel(slot: FigureSlot): string {
  return 'reading' in slot
    ? [readingLabel(slot.reading), slot.corner].filter(Boolean).join(' ')
    : [findingOf(slot.finding).label, slot.place].filter(Boolean).join(' ');
}

type Told = { sheet: JobSheet; judgement: Pick<Judgement, 'derived' | 'figures'>; units: Units };

/** What stands in a slot in a phase, in words; undefined when nobody has looked yet. */
export function slotWords(
  { sheet, judgement: { derived, figures }, units }: Told,
  slot: FigureSlot,
  phase: Phase,
): string | undefined {
  if ('reading' in slot) {
    const row = headOf(
      sheet.readings,
      phase,
      (each) => each.kind === slot.reading && each.corner === slot.corner,
    );
    return row?.input ? readingWords(row, figures[row.id], units) : undefined;
  }
  const answer = headOf(
    sheet.answers,
    phase,
    (each) => each.finding === slot.finding && each.place === slot.place,
  );
  const state =
    answer?.state ??
    derived[phase].find((each) => each.id === slot.finding && (each.place ?? '') === slot.place)?.state;
  return state ? stateInSentence(slot.finding, state) : undefined;
}
