import type { Issue } from '../../base/issues/issue';
import { inSentence } from '../../base/sentence';
import { leavingIssues } from './leftUndone';
import { LEFT_UNDONE } from './run';
import { type Step, type Trouble, WAYS_ON } from './step';
import { TOOK, tookIssues } from './took';

/** The largest figure a step takes: no gauge in a shop shows more. */
export const MOST_FIGURE = 100_000;

/** A car that is held is not driven: a step on the road waits for the proofs. */
export function drivenWhileHeld(step: Step, holds: readonly { label: string; until: string }[]): Issue[] {
  return holds.map(({ label, until }) => ({
    code: 'refused',
    path: 'step',
    value: `${step.id} (the car is held: ${inSentence(label)})`,
    accepted: `driving once this is proved: ${until}`,
  }));
}

type Ticked = { step: string; done: boolean; note: string; record: Record<string, string | number> };

/** A work begun and not over leaves the car apart: nobody drives another one's road steps. */
export function drivenWhileApart(step: Step, others: readonly { title: string }[]): Issue[] {
  return others.map(({ title }) => ({
    code: 'refused',
    path: 'step',
    value: `${step.id} (“${title}” is under way)`,
    accepted: 'driving once that work is finished',
  }));
}

/**
 * What is wrong with a tick: a step the plan does not have, a check passed without its answer or with one that means
 * trouble and was not dealt with, an amount no bottle holds, what has to be written down left out, a work left without a
 * reason or without saying how the car stands.
 * @param begun whether the work was begun before
 */
export function tickIssues(steps: readonly Step[], tick: Ticked, begun = false): Issue[] {
  if (tick.step === LEFT_UNDONE) return tick.done ? leavingIssues(begun, tick) : [];
  if (tick.step === TOOK) return tookIssues(tick.record);
  const step = steps.find((each) => each.id === tick.step);
  if (!step) {
    const accepted = `one of ${[...steps.map((each) => each.id), LEFT_UNDONE, TOOK].join(', ')}`;
    return [{ code: 'unknown_id', path: 'step', value: JSON.stringify(tick.step), accepted }];
  }
  return [...answerIssues(step, tick), ...amountIssues(step, tick), ...neededIssues(step, tick)];
}

/** The ways past a trouble; a part that was renewed is measured again instead. */
export function waysOn({
  must,
  read,
  unfit,
}: Pick<Trouble, 'must' | 'read' | 'unfit'>): (typeof WAYS_ON)[number][] {
  if (must) return [];
  return WAYS_ON.filter((way) => !(read && way.id === 'renewed') && !(unfit && way.id === 'left'));
}

function leftIssues(record: Ticked['record'], note: string): Issue[] {
  return record.way === 'left' && note.trim() === ''
    ? [{ code: 'missing', path: 'note', value: 'none', accepted: 'why it is left so' }]
    : [];
}

/**
 * What is wrong with passing a step whose reading is past its limit: nothing, once it is handed to another job or left
 * with its reason.
 * @param past what the reading says is past its limit, each in words
 */
export function pastLimitIssues(
  step: Step,
  { done, record, note }: Ticked,
  past: readonly string[],
): Issue[] {
  const trouble = step.troubles?.find((each) => each.read);
  if (!done || !trouble || past.length === 0) return [];
  const ways = waysOn(trouble);
  if (ways.some((way) => way.id === record.way)) return leftIssues(record, note);
  return [
    {
      code: 'refused',
      path: 'record.way',
      value: `past its limit (${past.join(', ')})`,
      accepted: `another reading, or ${ways.map((way) => way.id).join(' or ')}`,
    },
  ];
}

function answerIssues(step: Step, { done, record, note }: Ticked): Issue[] {
  if (!done || !step.ask) return [];
  const chosen = step.ask.find((answer) => answer.value === record.answer);
  if (chosen && chosen.trouble === undefined) return [];
  const trouble = step.troubles?.find((each) => each.id === chosen?.trouble);
  if (trouble && waysOn(trouble).some((way) => way.id === record.way)) return leftIssues(record, note);
  const good = step.ask.filter((answer) => answer.trouble === undefined).map((answer) => answer.value);
  const on = trouble ? waysOn(trouble) : [];
  const ways = on.length > 0 ? `, or a way on (${on.map((each) => each.id).join(', ')})` : '';
  return [
    {
      code: 'refused',
      path: 'record.answer',
      value: JSON.stringify(record.answer ?? null),
      accepted: `one of ${good.join(', ')}${ways}`,
    },
  ];
}

/** What a step is not done without: its required fields, and the figure it is judged by or why there is none. */
function neededIssues(step: Step, { done, record, note }: Ticked): Issue[] {
  if (!done) return [];
  const fields = (step.record ?? []).flatMap((field): Issue[] => {
    const value = record[field.id];
    if (!field.required || (field.kind !== 'choice' && value !== undefined && value !== '')) return [];
    const options = field.kind === 'choice' ? field.options.map((option) => option.value) : [];
    if (options.some((option) => option === value)) return [];
    const accepted =
      field.kind === 'choice'
        ? `one of ${options.join(', ')}`
        : field.kind === 'words'
          ? 'what stands there'
          : `a figure, ${field.unit}`;
    return [{ code: 'missing', path: `record.${field.id}`, value: JSON.stringify(value ?? null), accepted }];
  });
  if (!step.measure?.gates || record.figure === 'taken' || note.trim() !== '') return fields;
  return [
    ...fields,
    { code: 'missing', path: 'note', value: 'none', accepted: 'a figure, or why there is none' },
  ];
}

function amountIssues(step: Step, { record }: Ticked): Issue[] {
  return (step.record ?? []).flatMap((field): Issue[] => {
    const value = record[field.id];
    if (value === undefined || field.kind === 'choice' || field.kind === 'words') return [];
    const most = field.kind === 'amount' ? field.most : MOST_FIGURE;
    if (typeof value === 'number' && value >= 0 && value <= most) return [];
    return [
      {
        code: 'out_of_range',
        path: `record.${field.id}`,
        value: JSON.stringify(value),
        accepted: `0 to ${most} ${field.unit}`,
      },
    ];
  });
}
