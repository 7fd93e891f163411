/** Before the work, or after it (proof). */
export type Phase = 'before' | 'after';
