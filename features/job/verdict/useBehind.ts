'use client';

import { useEffect, useState } from 'react';
import type { Behind } from '@/core/diagnosis/behind';
import type { CauseId } from '@/core/diagnosis/causes';
import { useJob } from '../../record/JobProvider';
import { behindAway } from '../../record/judge';

/**
 * What stands behind a cause as the sheet is now, which may be ahead of the server's.
 * @param first what came with the page, shown until then
 */
export function useBehind(cause: CauseId, first: Behind | undefined): Behind | undefined {
  const { sheet } = useJob();
  const [found, setFound] = useState(first?.id === cause ? first : undefined);
  useEffect(() => {
    let wanted = true;
    behindAway(sheet, cause).then(
      (each) => wanted && setFound(each),
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [sheet, cause]);
  return found;
}
