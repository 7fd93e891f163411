'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { BleedSchools } from '@/core/job/flush';

const Context = createContext<BleedSchools | null>(null);

/** The shop's ways of bleeding, for the plan shown before it starts. */
export function SchoolsProvider({ schools, children }: { schools: BleedSchools; children: ReactNode }) {
  return <Context value={schools}>{children}</Context>;
}

export function useSchools(): BleedSchools {
  const schools = useContext(Context);
  if (!schools) throw new Error('no schools above this component');
  return schools;
}
