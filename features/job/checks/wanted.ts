import { useEffect, useRef } from 'react';
import type { Corner } from '@/core/car/corner';
import { checkAnchor } from './anchor';

type Wanted = { id: string; corner?: Corner };

let wanted: Wanted | null = null;
const EVENT = 'bavrin-want-check';

/** Asks the checks page, now or as soon as it is there, to go to a check. */
export function wantCheck(id: string, corner?: Corner): void {
  wanted = { id, corner };
  window.dispatchEvent(new Event(EVENT));
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
      const now =
        wanted ?? (hash.startsWith(prefix) ? { id: hash.slice(prefix.length), corner: undefined } : null);
      wanted = null;
      if (!now) return;
      show.current();
      if (now.corner) pick.current(now.corner);
      requestAnimationFrame(() => {
        const row = document.getElementById(checkAnchor(now.id));
        row?.scrollIntoView({ block: 'center' });
        row?.querySelector<HTMLElement>('[role="radio"], input, button')?.focus({ preventScroll: true });
      });
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
