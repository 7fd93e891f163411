'use client';

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import type { Role } from '@/core/base/people/roles';
import type { Corner } from '@/core/car/corner';
import { ahead } from '../shell/ahead';
import { denied } from '../shell/denied';
import { usePerson } from '../shell/PersonContext';
import { undo } from '../shell/undo';
import { createJobCommands, type JobCommands } from './commands/commands';
import { createJobStore, type JobState, type JobStore } from './jobStore';
import { beginJudge } from './judge';
import { mayEnter } from './mayEnter';
import { serverSource } from './serverSource';

/** A job as components see it: what stands, what can be done to it, and the corner in hand. */
export type Job = JobState &
  JobCommands & {
    closed: boolean;
    corner: Corner | null;
    pickCorner: (corner: Corner | null) => void;
  };

const Context = createContext<Job | null>(null);

export function useJob(): Job {
  const job = useContext(Context);
  if (!job) throw new Error('no job above this component');
  return job;
}

/** The store as somebody in a role writes to it: what is not theirs is said, and not entered. */
function forRole(store: JobStore, role: Role): JobStore {
  return { ...store, add: (entry) => (mayEnter(role, entry) ? store.add(entry) : denied.say()) };
}

/** Holds one job over all its stages. */
export function JobProvider({ first, children }: { first: JobState; children: ReactNode }) {
  const [store] = useState(() => createJobStore(first, serverSource(first.sheet.job.id)));
  const { role } = usePerson();
  const [commands] = useState(() => createJobCommands(forRole(store, role), undo.offer));
  useEffect(() => store.connect(), [store]);
  useEffect(() => ahead(async () => beginJudge()), []);
  const state = useSyncExternalStore(store.subscribe, store.snapshot, store.serverSnapshot);
  const [corner, pickCorner] = useState<Corner | null>(null);
  const job = useMemo(
    (): Job => ({ ...state, ...commands, closed: state.sheet.job.closedAt !== null, corner, pickCorner }),
    [state, commands, corner],
  );
  return <Context value={job}>{children}</Context>;
}
