import type { Place } from '@/core/car/corner';
import type { AnswerRow, JobSheet } from '@/core/job/sheet';
import { standing } from '@/core/job/standing';
import type { Phase } from '@/core/readings/phase';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { newId } from '../../shell/newId';
import type { undo } from '../../shell/undo';
import type { CommandContext } from './context';

type Said = { why?: string; implied?: true };

/**
 * Questions and their answers.
 * @param offer lets the person take back what was just said
 */
export function answerCommands({ sheet, post }: CommandContext, offer: (typeof undo)['offer']) {
  const headAnswer = (phase: Phase, finding: FindingId, place?: Place) =>
    headIn(sheet(), phase, finding, place);

  const say = sayTo(post);

  return {
    /** The state that stands for a question at a place, '' when there is none. */
    stateOf: (phase: Phase, finding: FindingId, place?: Place): string =>
      saidIn(sheet(), phase, finding, place),

    /** Answers a question, or takes its answer back: null. */
    answer(
      phase: Phase,
      finding: FindingId,
      place: Place | undefined,
      state: string | null,
      said: Said = {},
    ): void {
      const head = headAnswer(phase, finding, place);
      // After the work the same is said anew when work has gone on since, or when only a run had implied it.
      if ((head?.state ?? null) === state && (state === null || phase === 'before')) return;
      const slot = { phase, finding, place };
      const id = say(slot, state, head, said);
      // Taken back at once it leaves no correction in the record.
      const back = () => void say(slot, head?.state ?? null, { id });
      const label = placed(finding, place);
      // What was pressed shows by itself; what went away does not.
      const shown = state === null && phase === 'before';
      offer(state === null ? `Taken back: ${label}` : label, back, { shown });
    },

    /** Says the same again of what stands after the work: asked as such, as the car is now. */
    confirm(finding: FindingId, place: Place | undefined, state: string): void {
      say({ phase: 'after', finding, place }, state, headAnswer('after', finding, place));
    },
  };
}

function headIn({ answers }: JobSheet, phase: Phase, finding: FindingId, place: Place | undefined) {
  return headsOf(answers).get(slotOf({ phase, finding, place: place ?? '' }));
}

/** The rows that stand, by their slot: a page of questions asks for each of them at every press. */
function headsOf(answers: readonly AnswerRow[]): ReadonlyMap<string, AnswerRow> {
  const before = heads.get(answers);
  if (before) return before;
  const rows = [...standing(answers, 'before'), ...standing(answers, 'after')];
  const made = new Map(rows.map((row) => [slotOf(row), row]));
  heads.set(answers, made);
  return made;
}

const heads = new WeakMap<readonly AnswerRow[], ReadonlyMap<string, AnswerRow>>();
const slotOf = ({ phase, finding, place }: Pick<AnswerRow, 'phase' | 'finding' | 'place'>) =>
  `${phase} ${finding} ${place}`;

/** The state that stands for a question at a place, '' when there is none. */
export function saidIn(sheet: JobSheet, phase: Phase, finding: FindingId, place: Place | undefined): string {
  return headIn(sheet, phase, finding, place)?.state ?? '';
}

type Slot = { phase: Phase; finding: FindingId; place: Place | undefined };

/** Writes an answer down in place of the one that stood; gives its id. */
function sayTo(post: CommandContext['post']) {
  return (
    { phase, finding, place }: Slot,
    state: string | null,
    head: Pick<AnswerRow, 'id'> | undefined,
    { why = '', implied }: Said = {},
  ): string => {
    const at: Place | '' = place ?? '';
    const replaces = head?.id ?? null;
    const said = { id: newId(), phase, finding, place: at, state, replaces, why };
    const word = state === null ? 'taken back' : stateInSentence(finding, state);
    const label = `${placed(finding, place)}: ${word}`;
    post({ kind: 'answer', body: { ...said, ...(implied && { implied }) }, label });
    return said.id;
  };
}

function placed(finding: FindingId, place: Place | undefined): string {
  return `${findingOf(finding).label}${place ? ` ${place}` : ''}`;
}
