'use client';

import dynamic from 'next/dynamic';
import { causeLabel } from '@/core/diagnosis/labels';
import type { CauseVerdict } from '@/core/diagnosis/verdict';
import type { LikeJobs } from '@/server/learn/queries';
import { percent } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { ahead } from '../../shell/ahead';

// What lies behind a cause rests on the whole of the knowledge: it comes beside the page, not before it.
const CauseDetail = dynamic(() => import('./CauseDetail').then((module) => module.CauseDetail));
ahead(() => import('./CauseDetail'));

type Props = { cause: CauseVerdict; first: boolean; decided: boolean; like: LikeJobs; onWork?: () => void };

/** One cause: how likely; opened, what speaks for and against it and what would be done. */
export function CauseRow({ cause, first, decided, like, onWork }: Props) {
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
              {cause.broughtBy && (
                <span className="ml-2 text-small text-soft">
                  brought about by{' '}
                  {cause.broughtBy.map(({ id }) => causeLabel(id).toLowerCase()).join(' or ')}
                </span>
              )}
              {decided && <span className="ml-2 border border-ink px-1.5 text-small">worked on</span>}
            </span>
          </span>
        }
      >
        <CauseDetail cause={cause} first={first} like={like} onWork={onWork} />
      </Opens>
    </li>
  );
}
