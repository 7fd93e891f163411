'use client';

import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import type { HeatWork, HeatWorker } from '@/workers/heat';
import { workerClient } from '../../../shell/workerClient';

const worker = workerClient<HeatWorker>(
  () => new Worker(new URL('../../../../workers/heat.ts', import.meta.url), { type: 'module' }),
  { endsWithCall: true },
);

export type Worked = HeatWork & {
  /** How far the pairs are, 0 to 1; nothing while none are worked on: all are there, or they were given up. */
  done?: number;
};

/**
 * A session worked out in a worker as its figures are typed: what was asked before and comes late is given up, and the last
 * answer stays until the next one is there.
 * @returns what is there, and how to give the rest up
 */
export function useSession(input: HeatSessionInput | undefined): { worked?: Worked; giveUp: () => void } {
  const [worked, setWorked] = useState<Worked>();
  const wanted = useRef<AbortController>(null);
  const key = JSON.stringify(input);
  useEffect(() => {
    if (key === undefined) {
      setWorked(undefined);
      return;
    }
    const asked = new AbortController();
    wanted.current = asked;
    const onPiece = (work: HeatWork, done: number) => {
      if (!asked.signal.aborted) setWorked({ ...work, ...(work.pairs ? {} : { done }) });
    };
    worker
      .call((remote) => remote.work(JSON.parse(key), proxy(onPiece)), asked)
      .catch((error) => {
        if (!asked.signal.aborted) throw error;
      });
    return () => asked.abort();
  }, [key]);
  return {
    worked,
    giveUp() {
      wanted.current?.abort();
      setWorked((now) => now && { ...now, done: undefined });
    },
  };
}
