/** The caches of a device. */
export const STATIC = 'bavrin-static';
export const PAGES = 'bavrin-pages';
export const SHEETS = 'bavrin-sheets';
export const PHOTOS = 'bavrin-photos';

/**
 * What a device is asked to have without a network, in the order it is fetched: the build's own files, the pages that are
 * there whatever is open (one of them stands for every page of a job), what such a page asks for of each job, and then
 * each job's own pages. So any job opens long before the last of its pages is there.
 */
export type Keep = { files: string[]; always: string[]; sheets: string[]; pages: string[] };

/** What a page asks the worker for: all that a device keeps, or what one job needs. */
export type Asking = {
  keep: Keep;
  whole: boolean;
  /** Whose pages they are, and since when: what is asked under another name ends what was asked under this one. */
  whose: string;
};
