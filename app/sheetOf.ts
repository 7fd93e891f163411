import { cache } from 'react';
import { orNotFound } from '@/features/shell/orNotFound';
import { getSheet } from '@/server/jobs/queries';

/** Title, frame and page of a job want the same sheet: it is read once a request. */
export const sheetOf = cache(async (id: string) => orNotFound(getSheet(id)));
