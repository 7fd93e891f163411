'use client';

import { createContext, type ReactNode, useContext, useMemo, useSyncExternalStore } from 'react';
import { may, type Right, type Role } from '@/core/base/people/roles';
import { atCar } from './people';

/** Somebody, as every screen needs them. */
export type PersonView = {
  id: string;
  name: string;
  role: Role;
  /** The shop's name for this device, where it is one of the shop's. */
  device: string | null;
};

type Here = { atCar: PersonView; signedIn: PersonView };

const Context = createContext<Here | null>(null);

/** @param person who is signed in, as the server says: another may have taken over at the car while there was no network */
export function PersonProvider({ person, children }: { person: PersonView; children: ReactNode }) {
  const standIn = useSyncExternalStore(atCar.subscribe, atCar.snapshot, atCar.serverSnapshot);
  const here = useMemo(
    () => ({ atCar: standIn ? { ...person, ...standIn } : person, signedIn: person }),
    [person, standIn],
  );
  return <Context value={here}>{children}</Context>;
}

function useHere(): Here {
  const here = useContext(Context);
  if (!here) throw new Error('nobody above this component');
  return here;
}

/** Who is at the car: what is entered stands under their name. */
export const usePerson = (): PersonView => useHere().atCar;

/** Whom the server knows on this device. */
export const useSignedIn = (): PersonView => useHere().signedIn;

/** Whether whoever is signed in may do something: what they may not is not offered. */
export function useMay(right: Right): boolean {
  return may(usePerson().role, right);
}
