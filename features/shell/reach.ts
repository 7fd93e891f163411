import { briefly } from './briefly';
import { askHealth } from './health';

/** Says that the page that was asked for cannot be had, and that this one stays. */
export const stays = briefly(8_000);

/** Nobody waits longer to hear whether another page can be had, ms. */
const SILENT_MS = 2_000;

let answered = true;

/** Asks the server, and keeps in mind whether it answered. */
export async function ask(path: string, init?: RequestInit): Promise<Response> {
  try {
    const response = await fetch(path, init);
    answered = true;
    return response;
  } catch (error) {
    answered = false;
    throw error;
  }
}

/** Whether this device has pages of its own for when there is no network: the worker of a secure page keeps them. */
export function keepsPages(): boolean {
  return navigator.serviceWorker?.controller != null;
}

/** Whether another page can be had without a question. */
function isSure(): boolean {
  return keepsPages() || (navigator.onLine && answered);
}

/** Whether an address is of this page: a place on it, for which nothing is fetched. */
function isHere(href: string): boolean {
  const there = new URL(href, location.href);
  return there.pathname === location.pathname && there.search === location.search;
}

/**
 * Goes to another page where it can be had. Asked in vain, the router would leave this one for the browser's own, which says nothing and has no
 * way back.
 * @param hold keeps a way that is being taken already from being gone on with, until the server has been asked
 */
export function goWhere(href: string, go: () => void, hold?: () => void): void {
  if (isHere(href) || isSure()) {
    if (!hold) go();
    return;
  }
  hold?.();
  void askHealth(SILENT_MS).then((health) => {
    answered = health !== undefined;
    if (health) go();
    else stays.say();
  });
}
