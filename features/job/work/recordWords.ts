import type { TickRow } from '@/core/job/sheet';
import type { Step } from '@/core/work/step';

/** What was written down at a step, in a line; empty when nothing was. */
export function recordWords(step: Step, record: TickRow['record'], note: string): string {
  const answer = step.ask?.find((each) => each.value === record.answer)?.label;
  const fields = (step.record ?? []).flatMap((field) => {
    const value = record[field.id];
    if (value === undefined) return [];
    if (field.kind !== 'choice') return [`${field.label.toLowerCase()} ${value} ${field.unit}`];
    const option = field.options.find((each) => each.value === value);
    return [`${field.label.toLowerCase()}: ${(option?.label ?? String(value)).toLowerCase()}`];
  });
  return [answer?.toLowerCase(), ...fields, note]
    .filter((each) => each !== undefined && each !== '')
    .join(', ');
}
