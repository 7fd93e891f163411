'use client';

import { createContext, type ReactNode, useContext } from 'react';
import { may, type Right, type Role } from '@/core/base/people/roles';

/** Who is signed in, as every screen needs it. */
export type PersonView = {
  id: string;
  name: string;
  role: Role;
  /** The shop's name for this device, where it is one of the shop's. */
  device: string | null;
};

const Context = createContext<PersonView | null>(null);

export function PersonProvider({ person, children }: { person: PersonView; children: ReactNode }) {
  return <Context value={person}>{children}</Context>;
}

export function usePerson(): PersonView {
  const person = useContext(Context);
  if (!person) throw new Error('nobody above this component');
  return person;
}

/** Whether whoever is signed in may do something: what they may not is not offered. */
export function useMay(right: Right): boolean {
  return may(usePerson().role, right);
}
