import type { DBSchema, IDBPDatabase, IDBPObjectStore } from 'idb';
import { openedOnce } from '../shell/openedOnce';
import type { QueueStorage } from './keeping';
import { isWrite, type QueuedWrite } from './write';

type Schema = DBSchema & {
  /** By id; in order by `order`. */
  writes: { key: string; value: QueuedWrite; indexes: { order: number } };
  /** What no page could read, as it was, for whoever is called to help. */
  unread: { key: number; value: unknown };
};

type Writes = IDBPObjectStore<Schema, ['writes'], 'writes', 'readwrite'>;

/**
 * The queue in this device's database: it holds as much as the device allows, and what it has taken outlives a flat battery.
 * @param onUnread told when something is found there that no page can read; it lies beside from then on
 */
export function createStorage(name: string, onUnread: () => void): QueueStorage {
  const open = openedOnce<Schema>(name, (database) => {
    database.createObjectStore('writes', { keyPath: 'id' }).createIndex('order', 'order');
    database.createObjectStore('unread', { autoIncrement: true });
  });

  async function setAside(database: IDBPDatabase<Schema>, values: QueuedWrite[]): Promise<void> {
    const change = database.transaction(['writes', 'unread'], 'readwrite');
    for (const value of values) {
      void change.objectStore('unread').add(value);
      void change.objectStore('writes').delete(value.id);
    }
    await change.done;
    onUnread();
  }

  async function change(what: (writes: Writes) => unknown): Promise<void> {
    const transaction = (await open()).transaction('writes', 'readwrite', { durability: 'strict' });
    void what(transaction.store);
    // At once: a page that goes away in this moment takes nothing with it.
    transaction.commit();
    await transaction.done;
  }

  return {
    async all() {
      const database = await open();
      const values = await database.getAllFromIndex('writes', 'order');
      const rubbish = values.filter((value) => !isWrite(value));
      if (rubbish.length > 0) await setAside(database, rubbish);
      return values.filter(isWrite);
    },

    put: (write) => change((writes) => writes.put(write)),
    remove: (id) => change((writes) => writes.delete(id)),
  };
}
