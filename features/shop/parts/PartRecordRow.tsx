'use client';

import { dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import { CIRCUITS } from '@/core/car/circuits';
import type { PartLife, PartRecord } from '@/core/planning/lives/partLives';
import { WHY_OFF } from '@/core/planning/shelf/fitted';
import { PART_KINDS } from '@/core/planning/shelf/parts';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { later } from '../../shell/later';
import { useShop } from '../../shell/ShopContext';
import { useMoney } from '../../shell/useMoney';
import { useUnits } from '../../shell/useUnits';

// Drawn with the theme's own colours, which only a browser has; and only where somebody opens it.
const LivesChart = later(() => import('./LivesChart').then((module) => module.LivesChart), {
  loading: () => <div className="h-52" />,
});

/** One part by its name: how many lives, how long, how fast it wears; its curve and each life behind it. */
export function PartRecordRow({ record }: { record: PartRecord }) {
  const { what, kind, lives, ended, sessions, wear, cost } = record;
  const units = useUnits();
  const money = useMoney();
  return (
    <li className="border-b border-rule">
      <Opens
        head={
          <span className="grid gap-x-4 py-1 sm:grid-cols-[1fr_9rem_13rem]">
            <span>
              <b className="font-semibold">{what}</b> <span className="text-soft">{PART_KINDS[kind]}</span>
            </span>
            <span className="text-small">
              <span className="reading">{lives.length}</span> {lives.length === 1 ? 'life' : 'lives'},{' '}
              <span className="reading">{ended}</span> ended
            </span>
            <span className="text-small">
              {medianWords(sessions.median)}
              {cost && (
                <span className="block text-soft">
                  <span className="reading">{money(cost.perSession)}</span> a session, of{' '}
                  <span className="reading">{cost.lives}</span> that ended
                </span>
              )}
              {wear && (
                <span className="block text-soft">
                  <span className="reading">{units.full(wear.perSessionMm, 'mm', 3)}</span> a session, over{' '}
                  <span className="reading">{figure(wear.sessions, 0)}</span>
                </span>
              )}
            </span>
          </span>
        }
      >
        <div className="grid gap-4 pb-3 desk:grid-cols-[22rem_1fr]">
          <LivesChart records={[record]} />
          <ul>
            {lives.map((life) => (
              <LifeLine key={life.id} life={life} />
            ))}
          </ul>
        </div>
      </Opens>
    </li>
  );
}

function medianWords(median: PartRecord['sessions']['median']) {
  if (!median) return <span className="text-soft">half have not ended yet</span>;
  const { at, low, high } = median;
  return (
    <>
      <b className="reading font-semibold">{figure(at, 0)}</b> sessions, {figure(low ?? 0, 0)}{' '}
      {high === null ? 'or more' : `to ${figure(high, 0)}`}
    </>
  );
}

function LifeLine({ life }: { life: PartLife }) {
  const { carId, carName, place, fittedOn, removedOn, sessions, why, perSessionMm, per1000KmMm } = life;
  const money = useMoney();
  const { dateOrder } = useShop();
  const units = useUnits();
  return (
    <li className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1 last:border-b-0">
      <span>
        <Link href={`/car/${carId}#fitted`} className="underline underline-offset-4">
          {carName}
        </Link>{' '}
        {place && <b className="font-semibold">{place}</b>}
        <span className="block text-small text-soft">
          {dayWords(fittedOn, dateOrder)}{' '}
          {removedOn ? `to ${dayWords(removedOn, dateOrder)}` : 'and still on'}
          {removedOn && `: ${why ? inSentence(WHY_OFF[why]) : 'nobody said why'}`}
          {life.circuit && ` · ${inSentence(CIRCUITS[life.circuit].label)}`}
          {life.price !== undefined && ` · ${money(life.price)}`}
        </span>
      </span>
      <span className="reading text-small">
        {figure(sessions, 0)} sessions
        {perSessionMm !== undefined && ` · ${units.full(perSessionMm, 'mm', 3)} each`}
        {per1000KmMm !== undefined && (
          <span className="block text-right">{units.full(per1000KmMm, 'mm', 2)} a 1000 km</span>
        )}
      </span>
    </li>
  );
}
