'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { TimesTaken } from '@/core/planning/run/took';
import type { FittedPart } from '@/core/planning/shelf/fitted';
import type { ShelfItem } from '@/core/planning/shelf/shelf';
import type { Ways } from '@/core/planning/ways';

export type WorkPlace = {
  /** The shop's ways, where practitioners disagree. */
  ways: Ways;
  shelf: ShelfItem[];
  /** What this car wears. */
  parts: FittedPart[];
  /** How long the shop's own jobs took. */
  took: TimesTaken;
};

const Context = createContext<WorkPlace | null>(null);

/** What a plan is made with besides the job itself. */
export function WorkPlaceProvider({ place, children }: { place: WorkPlace; children: ReactNode }) {
  return <Context value={place}>{children}</Context>;
}

export function useWorkPlace(): WorkPlace {
  const place = useContext(Context);
  if (!place) throw new Error('no shelf and no ways above this component');
  return place;
}
