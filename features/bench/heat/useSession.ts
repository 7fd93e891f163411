'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { Change } from '@/core/readings/heat/changes';
import type { heatSession } from '@/core/readings/heat/session';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import type { HeatWorker } from '@/workers/heat';

export type Worked = { session: ReturnType<typeof heatSession>; changes: Change[] };

let remote: Remote<HeatWorker> | undefined;

function away(): Remote<HeatWorker> {
  remote ??= wrap<HeatWorker>(
    new Worker(new URL('../../../workers/heat.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}

/**
 * A session worked out in a worker as its figures are typed: what was asked before and comes late is dropped, and the last
 * answer stays until the next one is there.
 */
export function useSession(input: HeatSessionInput | undefined): Worked | undefined {
  const [worked, setWorked] = useState<Worked>();
  const key = JSON.stringify(input);
  useEffect(() => {
    if (key === undefined) {
      setWorked(undefined);
      return;
    }
    let wanted = true;
    const asked = JSON.parse(key) as HeatSessionInput;
    void Promise.all([away().session(asked), away().changes(asked)]).then(([session, changes]) => {
      if (wanted) setWorked({ session, changes });
    });
    return () => {
      wanted = false;
    };
  }, [key]);
  return worked;
}
