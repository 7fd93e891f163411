'use client';

import { dayWords } from '@/core/base/dates';
import { STAGES } from '@/core/job/stage';
import { CornerPlan } from '@/ui/CornerPlan';
import { cn } from '@/ui/cn';
import { moment, percent } from '@/ui/format';
import { Link } from '@/ui/Link';
import { HoldLine } from '../../record/HoldLine';
import { useShop } from '../../shell/ShopContext';
import { useNow } from '../../shell/useNow';
import type { CardFace } from './cardFace';

/** One open job: the car's plan, the complaint, what stops it, what it leans to, how far it is. */
export function JobCard({ face }: { face: CardFace }) {
  const { holds, stage, leading, out } = face;
  const shop = useShop();
  // A board on the wall: what is late becomes so while it hangs there.
  const now = useNow();
  const late = face.neededAt !== null && new Date(face.neededAt) < now;
  return (
    <li
      className={cn(
        'grid grid-cols-[10rem_1fr] border-2 bg-card',
        holds.length > 0 ? 'border-stop' : 'border-ink',
      )}
    >
      <div className="blueplate flex items-center p-1">
        <CornerPlan compact corners={face.corners} driveSide={face.driveSide ?? 'left'} className="w-full" />
      </div>
      <Link href={`/job/${face.id}/${stage}`} className="flex flex-col gap-1.5 p-3 hover:bg-straw-wash">
        <span className="flex flex-wrap items-baseline justify-between gap-x-3">
          <b className="narrow text-lg font-bold">{face.carName}</b>
          <span className="reading text-small text-soft">No. {face.number}</span>
        </span>
        <span className="text-lg leading-snug">
          {face.complaint === '' ? 'No complaint written down yet' : face.complaint}
        </span>
        {holds.map((hold) => (
          <HoldLine key={hold.id} hold={hold} />
        ))}
        {out && (
          <span className="border-l-[6px] border-straw bg-straw-wash px-2 py-1">
            <b>Out on proof</b> with {out.driver},{' '}
            <span className={out.dueOn < shop.today ? 'font-semibold text-stop' : undefined}>
              {out.dueOn < shop.today ? 'was to be back' : 'back'} by {dayWords(out.dueOn, shop.dateOrder)}
            </span>
          </span>
        )}
        {leading && (
          <span>
            <span className="reading mr-2 font-semibold">{percent(leading.probability)}</span>
            {leading.label}
            {leading.corner && <b> {leading.corner}</b>}
          </span>
        )}
        <span className="mt-auto flex flex-wrap items-center justify-between gap-x-3 pt-1 text-small text-soft">
          <StageMark stage={stage} />
          <span className={late ? 'font-semibold text-stop' : undefined}>
            {face.neededAt
              ? `${late ? 'Was wanted' : 'Wanted'} ${moment(face.neededAt, shop, now)}`
              : `Since ${moment(face.openedAt, shop, now)}`}
          </span>
        </span>
      </Link>
    </li>
  );
}

/** Five notches on the rule, filled up to where the job is. */
function StageMark({ stage }: { stage: (typeof STAGES)[number] }) {
  const at = STAGES.indexOf(stage);
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden="true" className="flex items-end gap-0.5">
        {STAGES.map((each, index) => (
          <i
            key={each}
            className={cn('w-4 border-l border-b border-ink', index <= at ? 'h-3 bg-straw' : 'h-2')}
          />
        ))}
      </span>
      At {stage}
    </span>
  );
}
