'use client';

import {
  createContext,
  type ReactNode,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import type { Role } from '@/core/base/people/roles';
import type { Corner, Place } from '@/core/car/corner';
import type { Phase } from '@/core/readings/phase';
import type { FindingId } from '@/core/readings/vocabulary/findings';
import { ahead } from '../shell/ahead';
import { denied } from '../shell/denied';
import { usePerson } from '../shell/PersonContext';
import { undo } from '../shell/undo';
import { saidIn } from './commands/answers';
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
const Settled = createContext<Job | null>(null);
const Source = createContext<{ store: JobStore; commands: JobCommands } | null>(null);

export function useJob(): Job {
  return held(useContext(Context));
}

/**
 * The same, a moment behind: for what surrounds a press and is much to draw. The key that was pressed shows it at the next
 * paint, and the rest follows without keeping anybody waiting.
 */
export function useSettledJob(): Job {
  return held(useContext(Settled));
}

/** One thing of a job that is no object: drawn anew only when it changes. */
export function useOfJob<T extends string | boolean | undefined>(select: (state: JobState) => T): T {
  const { store } = held(useContext(Source));
  return useSyncExternalStore(
    store.subscribe,
    () => select(store.snapshot()),
    () => select(store.serverSnapshot()),
  );
}

/** What can be done to the job; the same for as long as the page is there. */
export function useCommands(): JobCommands {
  return held(useContext(Source)).commands;
}

/** The state that stands for a question at a place, '' when there is none. */
export function useSaid(phase: Phase, finding: FindingId, place: Place | undefined): string {
  return useOfJob(({ sheet }) => saidIn(sheet, phase, finding, place));
}

function held<T>(value: T | null): T {
  if (!value) throw new Error('no job above this component');
  return value;
}

function inHand(state: JobState, hand: Omit<Job, keyof JobState | 'closed'>): Job {
  return { ...state, ...hand, closed: isClosed(state) };
}

/** Whether a job is closed: nothing is entered any more. */
export const isClosed = ({ sheet }: JobState): boolean => sheet.job.closedAt !== null;

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
  const hand = useMemo(() => ({ ...commands, corner, pickCorner }), [commands, corner]);
  const job = useMemo(() => inHand(state, hand), [state, hand]);
  const settledState = useDeferredValue(state);
  const settled = useMemo(() => inHand(settledState, hand), [settledState, hand]);
  const source = useMemo(() => ({ store, commands }), [store, commands]);
  return (
    <Source value={source}>
      <Context value={job}>
        <Settled value={settled}>{children}</Settled>
      </Context>
    </Source>
  );
}
