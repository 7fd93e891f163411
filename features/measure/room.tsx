import type { ReactNode } from 'react';

/**
 * The room of a form that comes after the page, as high as the form is while nothing is in it, on a phone and on a wide screen: nothing
 * moves under a finger when it comes.
 */
export const room = (high: string) => ({ loading: (): ReactNode => <div className={`mt-2 ${high}`} /> });
