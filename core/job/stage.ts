/** The five stages of a job, in order and never locked. */
export const STAGES = ['complaint', 'checks', 'verdict', 'work', 'proof'] as const;
export type Stage = (typeof STAGES)[number];
