'use client';

import { useEffect, useState } from 'react';
import type { FindEntry } from '@/core/exchange/find/entry';
import { device, readKept } from '../../shell/device';
import { GO_KEYS } from '../../shell/shortcuts';

const KEPT = 'bavrin.kept.find';
/** Somebody who looks for something waits no longer for a network that says nothing, ms. */
const SILENT_MS = 6_000;

const SCREENS: FindEntry[] = GO_KEYS.map(({ keys, does, href }) => ({
  ...{ id: `screen ${href}`, kind: 'screen' as const, title: does, about: `Key ${keys}`, href },
}));

/** What can be found: the shop's newest, or without a network what this device saw last. */
export function useEntries(): { entries: FindEntry[]; old: boolean } {
  const [state, setState] = useState<{ entries: FindEntry[]; old: boolean }>(() => ({
    entries: [...SCREENS, ...(readKept<FindEntry[]>(KEPT, []) ?? [])],
    old: false,
  }));
  useEffect(() => {
    let wanted = true;
    const ask = async () => {
      const reply = await fetch('/api/find', { signal: AbortSignal.timeout(SILENT_MS) }).catch(
        () => undefined,
      );
      if (!wanted) return;
      if (!reply?.ok) return setState((before) => ({ ...before, old: true }));
      const entries = (await reply.json()) as FindEntry[];
      device.cache(KEPT, JSON.stringify(entries));
      setState({ entries: [...SCREENS, ...entries], old: false });
    };
    void ask();
    return () => {
      wanted = false;
    };
  }, []);
  return state;
}
