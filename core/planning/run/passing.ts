import type { TickRow } from './rows';
import type { Step } from './step';

/** What lets a step pass: the good answer of a check, the fields it wants, the figure it is judged by. */
export function passingRecord({
  ask,
  record,
  measure,
}: Pick<Step, 'ask' | 'record' | 'measure'>): TickRow['record'] {
  const fields = (record ?? []).flatMap((field) =>
    field.required ? [[field.id, field.kind === 'choice' ? field.options[0]!.value : 1] as const] : [],
  );
  return {
    ...(ask ? { answer: ask.find((answer) => answer.trouble === undefined)!.value } : {}),
    ...Object.fromEntries(fields),
    ...(measure?.gates ? { figure: 'taken' } : {}),
  };
}
