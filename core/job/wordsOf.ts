import type { JobFields } from './sheet';

/** What was told of a complaint, to be read: the line, and when and where it comes. */
export const wordsOf = ({ complaint, whenWhere }: Pick<JobFields, 'complaint' | 'whenWhere'>): string =>
  `${complaint}\n${whenWhere}`;
