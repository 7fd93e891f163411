/** What the work did. */
export const OUTCOMES = [
  { id: 'cured', label: 'Cured', about: 'The complaint is gone' },
  { id: 'better', label: 'Better', about: 'Less of it, not gone' },
  { id: 'no_change', label: 'No change', about: 'The same as before' },
  { id: 'cured_new_fault', label: 'Cured, something new', about: 'Gone, and another fault has shown' },
  { id: 'withdrawn', label: 'Withdrawn', about: 'Opened by mistake: nothing was done' },
] as const;

export type OutcomeId = (typeof OUTCOMES)[number]['id'];
export const OUTCOME_IDS = OUTCOMES.map((outcome) => outcome.id);

/** What a job that was worked on can end as. */
export const WORKED_OUTCOMES = OUTCOMES.filter((outcome) => outcome.id !== 'withdrawn');

/** The word for an outcome. */
export function outcomeLabel(id: OutcomeId): string {
  return OUTCOMES.find((outcome) => outcome.id === id)!.label;
}

/** Whether an outcome says that the complaint is gone. */
export function isCure(id: OutcomeId): boolean {
  return id === 'cured' || id === 'cured_new_fault';
}
