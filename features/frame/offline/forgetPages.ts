import { PAGES, PHOTOS, SHEETS } from '@/workers/offline/keep';
import { device } from '../../shell/device';

/** When this device last fetched all it keeps. */
export const KEPT_AT = 'bavrin.offline-at';
/** Whose pages it keeps, and since when. */
const KEPT_FOR = 'bavrin.offline-for';
/** All was forgotten: whatever is kept since is of who comes in. */
const NOBODYS = '';

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
  await Promise.all([PAGES, SHEETS, PHOTOS].map((name) => caches.delete(name)));
  // Not before they are gone: what could not be forgotten is still somebody's.
  device.cache(KEPT_FOR, NOBODYS);
}

/** Whose pages are kept here, and since when; nothing where it was never said. */
export function keptFor(): string | null {
  return device.read(KEPT_FOR);
}

/**
 * Keeps pages for somebody from now on, or still: what is of somebody else is forgotten.
 * @returns their name for it, another one each time all was forgotten
 */
export async function keepFor(personId: string): Promise<string> {
  const whose = keptFor();
  if (isOf(whose, personId)) return whose;
  if (whose !== NOBODYS) await forgetPages();
  device.cache(KEPT_FOR, `${personId} ${Date.now()}`);
  // A device that keeps nothing has no since: its pages are theirs by their name alone.
  return keptFor() || personId;
}

/**
 * Somebody comes in: nothing is kept of anybody else, from their first page on.
 * @param personId who it is; not known yet where they came by their name and password
 */
export async function comeIn(personId: string | undefined): Promise<void> {
  if (personId !== undefined && isOf(keptFor(), personId)) return;
  // Of nobody by name there can still be pages: of one who was gone before the first of theirs woke.
  await forgetPages();
  if (personId !== undefined) await keepFor(personId);
}

const isOf = (whose: string | null, personId: string): whose is string => whose?.split(' ')[0] === personId;
