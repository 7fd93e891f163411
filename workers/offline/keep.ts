/** The caches of a device. */
export const STATIC = 'bavrin-static';
export const PAGES = 'bavrin-pages';
export const SHEETS = 'bavrin-sheets';
export const PHOTOS = 'bavrin-photos';

/** What a device is asked to have without a network: the build's own files, pages by their addresses, and what pages ask for themselves. */
export type Keep = { files: string[]; pages: string[]; sheets: string[] };
