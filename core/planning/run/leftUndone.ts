import type { Issue } from '../../base/issues/issue';
import type { TickRow, WorkRow } from './rows';
import { LEFT_UNDONE, runOf, ticksOf } from './run';

/** What is asked of a car that a begun work is left undone on; the first answer of each is safe. */
export const LEFT_QUESTIONS = [
  {
    id: 'wheels',
    label: 'Wheels',
    options: [
      { value: 'on', label: 'On, torqued' },
      { value: 'off', label: 'Off' },
    ],
  },
  {
    id: 'lines',
    label: 'Lines and bleeders',
    options: [
      { value: 'closed', label: 'All closed' },
      { value: 'open', label: 'One is open' },
    ],
  },
  {
    id: 'pedal',
    label: 'Pedal',
    options: [
      { value: 'hard', label: 'Pumped hard' },
      { value: 'not', label: 'Not hard' },
    ],
  },
] as const;

/** Whether a work was left undone with the car apart. */
export function leftApart(work: Pick<WorkRow, 'id' | 'plan'>, ticks: readonly TickRow[]): boolean {
  if (runOf(work, ticks).state !== 'left_undone') return false;
  const { record } = ticksOf(work.id, ticks).get(LEFT_UNDONE)!;
  return LEFT_QUESTIONS.some(
    ({ id, options }) => record[id] !== undefined && record[id] !== options[0].value,
  );
}

/** What is missing from leaving a work undone: why, and of a begun one whether the car is whole. */
export function leavingIssues(begun: boolean, { note, record }: Pick<TickRow, 'note' | 'record'>): Issue[] {
  const why: Issue[] =
    note.trim() === ''
      ? [{ code: 'missing', path: 'note', value: 'none', accepted: 'why the work is left undone' }]
      : [];
  const asked = begun ? LEFT_QUESTIONS : [];
  return [
    ...why,
    ...asked
      .filter(({ id, options }) => !options.some(({ value }) => value === record[id]))
      .map(
        ({ id, options }): Issue => ({
          code: 'missing',
          path: `record.${id}`,
          value: JSON.stringify(record[id] ?? null),
          accepted: `one of ${options.map(({ value }) => value).join(', ')}`,
        }),
      ),
  ];
}
