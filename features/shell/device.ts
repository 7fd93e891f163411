'use client';

import { announcer } from './observable';

/** Why this device keeps nothing more: no room, or the page may not. */
export type DeviceTrouble = 'full' | 'denied';

export type DeviceState = {
  trouble: DeviceTrouble | null;
  /** Something kept could not be read, and lies beside, as it was; told until it was seen, by later pages too. */
  setAside: boolean;
};

const FINE: DeviceState = { trouble: null, setAside: false };
/** Says to the next page that something was set aside and nobody has seen it yet. */
const UNSEEN = 'bavrin.set-aside';
/** What could not be kept, for as long as the page stays. */
const held = new Map<string, string | null>();
const changed = announcer();
let state = FINE;

/**
 * What this device keeps for the page, over reloads. Storage can be full, denied or hold anything: then the page goes on
 * with what it holds itself, and the save line says so.
 */
export const device = {
  subscribe(listener: () => void): () => void {
    if (isUnseen()) tell({ setAside: true });
    return changed.listen(listener);
  },
  snapshot: (): DeviceState => state,
  serverSnapshot: (): DeviceState => FINE,

  read(key: string): string | null {
    const own = held.get(key);
    if (own !== undefined) return own;
    try {
      return localStorage.getItem(key);
    } catch {
      tell({ trouble: 'denied' });
      return null;
    }
  },

  /** Keeps a text; false when only this page holds it. */
  write(key: string, text: string): boolean {
    const kept = attempt(() => localStorage.setItem(key, text));
    if (kept) {
      held.delete(key);
      tell({ trouble: null });
    } else held.set(key, text);
    return kept;
  },

  /** Keeps what can be had again: where there is no room for it nobody needs to know. */
  cache(key: string, text: string): void {
    try {
      localStorage.setItem(key, text);
    } catch {
      // The page has it anyhow.
    }
  },

  /** Lets go of a text. A full device allows that too: it says nothing of whether there is room again. */
  remove(key: string): boolean {
    const kept = attempt(() => localStorage.removeItem(key));
    if (kept) held.delete(key);
    else held.set(key, null);
    return kept;
  },

  /** Lets go of what no page can read, leaving it beside for whoever is called to help. */
  setAside(key: string): void {
    const text = device.read(key);
    if (text !== null) attempt(() => localStorage.setItem(`${key}.unread`, text));
    device.remove(key);
    device.foundUnread();
  },

  /** Something that this device keeps could not be read, and lies beside. */
  foundUnread(): void {
    attempt(() => localStorage.setItem(UNSEEN, 'yes'));
    tell({ setAside: true });
  },

  /** The person has seen that something was set aside. */
  seen(): void {
    attempt(() => localStorage.removeItem(UNSEEN));
    tell({ setAside: false });
  },
};

function isUnseen(): boolean {
  try {
    return localStorage.getItem(UNSEEN) !== null;
  } catch {
    return false;
  }
}

function attempt(work: () => void): boolean {
  try {
    work();
    return true;
  } catch (error) {
    tell({ trouble: isFull(error) ? 'full' : 'denied' });
    return false;
  }
}

function isFull(error: unknown): boolean {
  return ['QuotaExceededError', 'NS_ERROR_DOM_QUOTA_REACHED'].includes((error as Error).name);
}

function tell(changes: Partial<DeviceState>): void {
  const next = { ...state, ...changes };
  if (next.trouble === state.trouble && next.setAside === state.setAside) return;
  state = next;
  // Never while something is being drawn: reading can be part of that.
  queueMicrotask(() => changed.tell());
}

/**
 * A kept value, when it is of the kind a page can use: what an older page left may have another shape.
 * @param like a value of the right shape; fields it does not have, or has as nothing, may hold anything
 */
export function readKept<T>(key: string, like: T): T | undefined {
  const text = device.read(key);
  if (text === null) return undefined;
  try {
    const value: unknown = JSON.parse(text);
    if (isLike(value, like)) return value as T;
  } catch {
    // Set aside like any other rubbish.
  }
  device.setAside(key);
  return undefined;
}

/** Whether a value has the shape of another one. */
export function isLike(value: unknown, like: unknown): boolean {
  if (like === null || like === undefined) return true;
  if (typeof value !== typeof like || value === null || Array.isArray(value) !== Array.isArray(like))
    return false;
  if (typeof like !== 'object' || Array.isArray(like)) return true;
  return Object.entries(like).every(([field, each]) => {
    const own = (value as Record<string, unknown>)[field];
    return own === undefined || isLike(own, each);
  });
}
