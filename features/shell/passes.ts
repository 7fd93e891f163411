import type { Pass } from '@/core/base/people/pass';
import { may, type Role } from '@/core/base/people/roles';
import { observable } from './observable';
import type { Sealed } from './seal';

/** Somebody as a device knows them. */
export type KnownPerson = { id: string; name: string; role: Role };

/** What lets somebody in on this device without a network, as it is kept. */
export type KeptPass = KnownPerson & {
  sealed: Sealed;
  /** Nothing seals it where a press does: in the demo. */
  byPress: boolean;
  /** The shop takes it no longer than this. */
  until: string;
  /** Wrong figures in a row. */
  wrong: number;
  /** Unsealed, for as long as something they entered waits to be sent. */
  open: string | null;
};

export type PassStorage = {
  all: () => Promise<KeptPass[]>;
  put: (pass: KeptPass) => Promise<void>;
  remove: (id: string) => Promise<void>;
};

/** How a text is sealed with somebody's figures. */
export type Sealing = {
  seal: (text: string, secret: string) => Promise<Sealed>;
  /** The text; nothing with another secret. */
  unseal: (sealed: Sealed, secret: string) => Promise<string | undefined>;
};

/** Wrong figures in a row after which a pass is thrown away: whoever it is comes in again where there is a network. */
const WRONG_AT_MOST = 10;

/** What the passes stand on. */
export type PassGround = {
  storage: PassStorage;
  sealing: Sealing;
  now: () => number;
  /** Tells the other pages of the device that something changed. */
  tell: () => void;
};

export type Opened = 'open' | 'wrong' | 'gone';

/**
 * Who can come in on this device while it has no network: whoever did so before with their figures. Each call rejects, with the browser's
 * own error, where the device keeps nothing.
 */
export function createPasses({ storage, sealing: { seal, unseal }, now, tell }: PassGround) {
  const { subscribe, snapshot, load, put, remove } = keptPasses(storage, tell);
  const passOf = (id: string) => snapshot().find((pass) => pass.id === id && now() < Date.parse(pass.until));

  return {
    ...{ subscribe, snapshot, load },

    /** Keeps what a sign-in brought. A driver sees own cars only, and what lies here is of all: they come in where there is a network. */
    async keep(person: KnownPerson, pin: string | null, { token, until }: Pass): Promise<void> {
      if (!may(person.role, 'read')) return;
      const sealed = await seal(token, pin ?? '');
      await put({ ...person, sealed, byPress: pin === null, until, wrong: 0, open: null });
    },

    /**
     * Tries somebody's figures; none where a press does.
     * @param onRight told that they are, before anything else sees an open pass: one of nobody at the car is closed again
     */
    async open(id: string, pin: string | null, onRight: () => void = () => {}): Promise<Opened> {
      const pass = passOf(id);
      if (!pass) return 'gone';
      const token = await unseal(pass.sealed, pin ?? '');
      if (token !== undefined) {
        onRight();
        await put({ ...pass, wrong: 0, open: token });
        return 'open';
      }
      const wrong = pass.wrong + 1;
      if (wrong >= WRONG_AT_MOST) {
        await remove(id);
        return 'gone';
      }
      await put({ ...pass, wrong });
      return 'wrong';
    },

    /** With what something that somebody entered here can be sent, where they came in without a network. */
    tokenOf: (id: string): string | undefined => passOf(id)?.open ?? undefined,

    /** Nothing of theirs waits any more: it takes their figures to open it again. */
    async close(id: string): Promise<void> {
      const pass = snapshot().find((each) => each.id === id && each.open !== null);
      if (pass) await put({ ...pass, open: null });
    },

    /** The shop does not take it any more. */
    forget: remove,
  };
}

/** The passes a device keeps, by name; what changes one tells the other pages. */
function keptPasses(storage: PassStorage, tell: () => void) {
  const { subscribe, snapshot, set } = observable<readonly KeptPass[]>([]);

  async function load(): Promise<void> {
    set((await storage.all()).sort((left, right) => left.name.localeCompare(right.name)));
  }

  async function change(work: () => Promise<void>): Promise<void> {
    await work();
    await load();
    tell();
  }

  return {
    ...{ subscribe, snapshot, load },
    put: (pass: KeptPass) => change(() => storage.put(pass)),
    remove: (id: string) => change(() => storage.remove(id)),
  };
}
