import { briefly } from './briefly';

/** Says that what was just pressed is for others, and that nothing was entered. */
export const denied = briefly(8_000);
