'use client';

import type { BaseUnit } from '@/core/base/units/display';
import type { Place } from '@/core/car/corner';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { Derived } from '@/core/job/derived';
import { readingLabel } from '@/core/readings/measureOf';
import type { FindingId } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { moment } from '@/ui/format';
import { Opens } from '@/ui/Opens';
import { useSettledJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

/** What a reading makes of this check, who wins when the hand said otherwise, and how it was worked out. */
export function DerivedNotes({ finding, place }: { finding: FindingId; place?: Place }) {
  const { judgement } = useSettledJob();
  return judgement.derived.before
    .filter((each) => each.id === finding && (place === undefined || each.place === place))
    .map((derived) => <DerivedNote key={`${derived.readingId} ${derived.place ?? ''}`} derived={derived} />);
}

function DerivedNote({ derived }: { derived: Derived }) {
  const { stateOf } = useSettledJob();
  const { id: finding, place } = derived;
  const byHand = stateOf('before', finding, place);
  const overruled = byHand !== '' && byHand !== derived.state;
  return (
    <Opens
      className="mt-1 text-small"
      head={
        <span>
          {readingLabel(derived.from)} reading{place ? ` ${place}` : ''}:{' '}
          <b>{stateInSentence(finding, derived.state)}</b>.
          {overruled && ' The answer given by hand stands instead.'}{' '}
          <span className="text-soft underline underline-offset-4">How</span>
        </span>
      }
    >
      <TraceBack derived={derived} />
    </Opens>
  );
}

/** Reading, limit and rule, in one line each. */
function TraceBack({ derived }: { derived: Derived }) {
  const shop = useShop();
  const units = useUnits();
  const { trace } = derived;
  if (!trace) return <p className="pb-2 text-soft">Told by the reading alone.</p>;
  const base = trace.unit as BaseUnit;
  const shown = (value: number) => units.full(value, base, trace.decimals);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 pb-2">
      <dt className="text-soft">Read</dt>
      <dd>
        <b className="reading font-semibold">{shown(trace.value)}</b>,{' '}
        {moment(derived.recordedAt, shop, new Date(shop.now))}
      </dd>
      {trace.limit && (
        <>
          <dt className="text-soft">Limit</dt>
          <dd>
            <span className="reading">{shown(trace.limit.value)}</span>, {SOURCE_WORDS[trace.limit.from]}
          </dd>
        </>
      )}
      <dt className="text-soft">Rule</dt>
      <dd>{trace.rule}</dd>
    </dl>
  );
}
