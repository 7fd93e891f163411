import { PAGES, PHOTOS, SHEETS } from '@/workers/offline/keep';
import { device } from '../../shell/device';

/** When this device last fetched all it keeps. */
export const KEPT_AT = 'bavrin.offline-at';
/** Whose pages it keeps. */
export const KEPT_FOR = 'bavrin.offline-for';
/** What is kept is nobody's of before: all was forgotten, and whoever comes in makes it theirs. */
export const NOBODYS = '';

/**
 * Forgets pages that are kept here: nobody is signed in any more, or somebody who sees others.
 * @param only those at these addresses; all where none are named
 */
export async function forgetPages(only?: readonly string[]): Promise<void> {
  if (!window.isSecureContext || typeof caches === 'undefined') return;
  if (only !== undefined) {
    const pages = await caches.open(PAGES);
    for (const { url } of await pages.keys())
      if (only.includes(new URL(url).pathname)) await pages.delete(url);
    return;
  }
  device.cache(KEPT_AT, '0');
  device.cache(KEPT_FOR, NOBODYS);
  await Promise.all([PAGES, SHEETS, PHOTOS].map((name) => caches.delete(name)));
}
