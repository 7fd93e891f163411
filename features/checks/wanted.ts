import { useEffect, useRef, useSyncExternalStore } from 'react';
import type { Corner } from '@/core/car/corner';
import { checkAnchor } from './anchor';

/** `measure`: whoever asks has said where, and is about to read the gauge. */
type Wanted = { id: string; corner?: Corner; measure?: boolean };

let wanted: Wanted | null = null;
/** The check that was gone to last: wherever it stands, it is in sight. */
let gone: string | null = null;
const EVENT = 'bavrin-want-check';
const GONE = 'bavrin-gone-to-check';

/** Asks the checks page, now or as soon as it is there, to go to a check. */
export function wantCheck(id: string, corner?: Corner, measure = false): void {
  wanted = { id, corner, measure };
  window.dispatchEvent(new Event(EVENT));
}

function setGone(id: string | null): void {
  gone = id;
  window.dispatchEvent(new Event(GONE));
}

/** Nothing has to stay in sight any more. */
export function letGo(): void {
  setGone(null);
}

/** The check that was gone to last. */
export function useWanted(): string | null {
  return useSyncExternalStore(
    (changed) => {
      window.addEventListener(GONE, changed);
      return () => window.removeEventListener(GONE, changed);
    },
    () => gone,
    () => null,
  );
}

/** Into sight, its gauge's field open where it has one, and the focus on what comes first. */
function goTo({ id, measure }: Wanted): void {
  const row = document.getElementById(checkAnchor(id));
  row?.querySelector<HTMLElement>('[data-measure-it][data-state="closed"]')?.click();
  row?.scrollIntoView({ block: 'center' });
  const first = row?.querySelector<HTMLElement>(
    '[data-corner-first] [role="radio"], [role="radio"], input, button',
  );
  first?.focus({ preventScroll: true });
  if (measure && row) focusGauge(row, WAIT_FRAMES);
}

/** The form comes a moment after its row is opened, its part of the page with it: a second at most. */
const WAIT_FRAMES = 60;

function focusGauge(row: HTMLElement, frames: number): void {
  const field = row.querySelector<HTMLElement>('[data-measure]:not(:disabled)');
  if (field) field.focus();
  else if (frames > 0) requestAnimationFrame(() => focusGauge(row, frames - 1));
}

/** Goes to the check that was asked for, keyboard focus included; a link from elsewhere names it in the address. */
export function useWantedCheck(pickCorner: (corner: Corner) => void, showList: () => void): void {
  const pick = useRef(pickCorner);
  pick.current = pickCorner;
  const show = useRef(showList);
  show.current = showList;
  useEffect(() => {
    const go = () => {
      const prefix = `#${checkAnchor('')}`;
      const { hash } = window.location;
      const now: Wanted | null =
        wanted ?? (hash.startsWith(prefix) ? { id: hash.slice(prefix.length) } : null);
      wanted = null;
      if (!now) return;
      show.current();
      if (now.corner) pick.current(now.corner);
      setGone(now.id);
      requestAnimationFrame(() => goTo(now));
    };
    go();
    window.addEventListener(EVENT, go);
    window.addEventListener('hashchange', go);
    return () => {
      window.removeEventListener(EVENT, go);
      window.removeEventListener('hashchange', go);
    };
  }, []);
}
