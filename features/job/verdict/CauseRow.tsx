'use client';

import type { Behind } from '@/core/diagnosis/behind';
import { causeLabel } from '@/core/diagnosis/labels';
import type { JobCause } from '@/core/job/jobVerdict';
import type { LikeJobs } from '@/server/learn/queries';
import { percent } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { broughtAbout } from './broughtAbout';
import { CauseDetail } from './CauseDetail';

type Props = {
  cause: JobCause;
  /** It is the one in front, open from the beginning. */
  first: boolean;
  decided: boolean;
  like: LikeJobs;
  /** What stands behind the one in front, as it came with the page. */
  cameWith?: Behind;
  onWork?: () => void;
};

/** One cause: how likely; opened, what speaks for and against it and what would be done. */
export function CauseRow({ cause, first, decided, like, cameWith, onWork }: Props) {
  const by = broughtAbout(cause);
  return (
    <li className="border-b border-rule">
      <Opens
        startOpen={first}
        head={
          <span className="flex items-center gap-3 py-1.5">
            <span className="reading w-16 shrink-0 text-right text-xl font-semibold">
              {percent(cause.probability)}
            </span>
            <span className="min-w-0">
              <b className="text-lg font-semibold">
                {causeLabel(cause.id)} {cause.corner}
              </b>
              {by && <span className="ml-2 text-small text-soft">{by}</span>}
              {decided && <span className="ml-2 border border-ink px-1.5 text-small">worked on</span>}
            </span>
          </span>
        }
      >
        <CauseDetail cause={cause} first={first} like={like} cameWith={cameWith} onWork={onWork} />
      </Opens>
    </li>
  );
}
