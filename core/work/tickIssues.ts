import type { Issue } from '../issues/issue';
import { LEFT_UNDONE } from './run';
import type { Step } from './step';

/** The largest figure a step takes: no gauge in a shop shows more. */
export const MOST_FIGURE = 100_000;

/** A car that is held is not driven: a step on the road waits for the proofs. */
export function drivenWhileHeld(step: Step, holds: readonly { label: string; until: string }[]): Issue[] {
  return holds.map(({ label, until }) => ({
    code: 'refused',
    path: 'step',
    value: `${step.id} (the car is held: ${label.toLowerCase()})`,
    accepted: `driving once this is proved: ${until}`,
  }));
}

type Ticked = { step: string; done: boolean; note: string; record: Record<string, string | number> };

/**
 * What is wrong with a tick: a step the plan does not have, a check passed without its answer or with one that means
 * trouble, an amount no bottle holds, a work left without a reason.
 */
export function tickIssues(steps: readonly Step[], tick: Ticked): Issue[] {
  if (tick.step === LEFT_UNDONE)
    return tick.note.trim() === ''
      ? [{ code: 'missing', path: 'note', value: 'none', accepted: 'why the work is left undone' }]
      : [];
  const step = steps.find((each) => each.id === tick.step);
  if (!step) {
    const accepted = `one of ${[...steps.map((each) => each.id), LEFT_UNDONE].join(', ')}`;
    return [{ code: 'unknown_id', path: 'step', value: JSON.stringify(tick.step), accepted }];
  }
  return [...answerIssues(step, tick), ...amountIssues(step, tick)];
}

function answerIssues(step: Step, { done, record }: Ticked): Issue[] {
  if (!done || !step.ask) return [];
  const good = step.ask.filter((answer) => answer.trouble === undefined);
  if (good.some((answer) => answer.value === record.answer)) return [];
  return [
    {
      code: 'refused',
      path: 'record.answer',
      value: JSON.stringify(record.answer ?? null),
      accepted: `one of ${good.map((answer) => answer.value).join(', ')}`,
    },
  ];
}

function amountIssues(step: Step, { record }: Ticked): Issue[] {
  return (step.record ?? []).flatMap((field): Issue[] => {
    const value = record[field.id];
    if (value === undefined || field.kind === 'choice') return [];
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
