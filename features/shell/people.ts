'use client';

import type { DBSchema } from 'idb';
import { PASS_HEADER } from '@/core/base/people/pass';
import { device, readKept } from './device';
import { announcer } from './observable';
import { openedOnce } from './openedOnce';
import { createPasses, type KeptPass, type KnownPerson, type PassStorage } from './passes';
import { seal, unseal } from './seal';

type Schema = DBSchema & { passes: { key: string; value: KeptPass } };

/** In a database of their own: what waits to be sent must not wait for a change of these. */
function passStorage(): PassStorage {
  const open = openedOnce<Schema>('bavrin-people', (database) => {
    database.createObjectStore('passes', { keyPath: 'id' });
  });
  return {
    all: async () => (await open()).getAll('passes'),
    put: async (pass) => void (await (await open()).put('passes', pass)),
    remove: async (id) => (await open()).delete('passes', id),
  };
}

const channel = typeof window === 'undefined' ? undefined : new BroadcastChannel('bavrin-people');

/** Who can come in here without a network. */
export const passes = createPasses({
  storage: passStorage(),
  sealing: { seal, unseal },
  now: Date.now,
  tell: () => channel?.postMessage('changed'),
});

const AT_CAR = 'bavrin.at-car';
const SOMEBODY: KnownPerson = { id: '', name: '', role: 'reader' };
const told = announcer();
let taken: { known: KnownPerson | null } | undefined;

function changed(): void {
  taken = undefined;
  told.tell();
}

channel?.addEventListener('message', () => {
  void passes.load().catch(() => undefined);
  changed();
});

/** Who took over at the car while there was no network: the server does not know yet. */
export const atCar = {
  subscribe: told.listen,
  snapshot(): KnownPerson | null {
    taken ??= { known: readKept(AT_CAR, SOMEBODY) ?? null };
    return taken.known;
  },
  serverSnapshot: (): KnownPerson | null => null,
  set(person: KnownPerson): void {
    device.write(AT_CAR, JSON.stringify(person));
    changed();
    channel?.postMessage('changed');
  },
  clear(): void {
    if (atCar.snapshot() === null) return;
    device.remove(AT_CAR);
    changed();
    channel?.postMessage('changed');
  },
};

/**
 * What a request carries while somebody is at the car whom the server does not know yet: their pass, so that it stands under their name and
 * not that of whoever was signed in before them.
 * @returns nothing where they have none that is open: then nothing can be asked in their name
 */
export function passHeaders(): Record<string, string> | undefined {
  const person = atCar.snapshot();
  if (!person) return {};
  const pass = passes.tokenOf(person.id);
  return pass === undefined ? undefined : { [PASS_HEADER]: pass };
}
