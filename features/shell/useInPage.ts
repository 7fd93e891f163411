'use client';

import { useSyncExternalStore } from 'react';

const noChange = () => () => {};

/** What only a page knows that is awake; before that, what the server takes it for. @param here gives the same as long as the page is there */
export function useInPage<T extends string | boolean>(here: () => T, onServer: T): T {
  return useSyncExternalStore(noChange, here, () => onServer);
}
