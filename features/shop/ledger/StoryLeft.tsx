'use client';

import { dayWords } from '@/core/base/dates';
import { cameOffWords } from '@/core/planning/shelf/fitted';
import { PART_KINDS } from '@/core/planning/shelf/parts';
import type { JobLeft } from '@/server/ledger/left';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { Chapter } from './Chapter';

/** What went on the car, and what is due next. */
export function StoryLeft({ fitted, due, bedInTold }: JobLeft & { bedInTold: string }) {
  const { dateOrder } = useShop();
  const units = useUnits();
  return (
    <>
      {fitted.length > 0 && (
        <Chapter title="Fitted">
          {fitted.map((part) => (
            <p key={part.id}>
              {PART_KINDS[part.kind]} {part.place}: {part.what}
              {part.batch !== '' && `, batch ${part.batch}`}
              {cameOffWords(part) !== '' && `; the one before: ${cameOffWords(part)}`}
            </p>
          ))}
        </Chapter>
      )}
      {(due.length > 0 || bedInTold !== '') && (
        <Chapter title="Due next">
          {bedInTold !== '' && (
            <p>New friction is still to be bedded in: the driver was told by {bedInTold}.</p>
          )}
          {due.map(({ id, what, dueOn, temporary }) => {
            const limits = [
              ...(dueOn ? [`by ${dayWords(dueOn, dateOrder)}`] : []),
              ...(temporary?.sessions ? [`${temporary.sessions} sessions at most`] : []),
              ...(temporary?.km ? [`${units.full(temporary.km, 'km', 0)} at most`] : []),
            ];
            return (
              <p key={id}>
                {temporary && <b className="font-semibold">Temporary: </b>}
                {[what, ...limits].join(', ')}
                {temporary && ` (${temporary.why}; then ${temporary.successor})`}
              </p>
            );
          })}
        </Chapter>
      )}
    </>
  );
}

/** Lines to sign, on paper only. */
export function SignLines() {
  return (
    <div className="mt-12 hidden grid-cols-3 gap-8 print:grid">
      {['Work done by', 'Checked by', 'Car received by'].map((who) => (
        <p key={who} className="border-t border-ink pt-1 text-small">
          {who}, date
        </p>
      ))}
    </div>
  );
}
