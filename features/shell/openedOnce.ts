import type { DBSchema, IDBPDatabase, OpenDBCallbacks } from 'idb';

/**
 * A database of this device, opened (and what opens it fetched) when it is first needed and anew where that failed, or where another tab cleared the browser's storage.
 * @param upgrade makes its first version
 */
export function openedOnce<Schema extends DBSchema>(
  name: string,
  upgrade: NonNullable<OpenDBCallbacks<Schema>['upgrade']>,
): () => Promise<IDBPDatabase<Schema>> {
  let opened: Promise<IDBPDatabase<Schema>> | undefined;
  const forget = () => {
    opened = undefined;
  };
  return () => {
    opened ??= import('idb')
      .then(({ openDB }) => openDB<Schema>(name, 1, { upgrade, terminated: forget }))
      .catch((error) => {
        forget();
        throw error;
      });
    return opened;
  };
}
