'use client';

import { limitFor } from '@/core/car/limits/catalogue';
import type { WorkPlan } from '@/core/planning/plan';
import type { PART_KINDS } from '@/core/planning/shelf/parts';
import { poursFrom, pourWords } from '@/core/planning/shelf/pour';
import { againstShelf, type ShelfItem } from '@/core/planning/shelf/shelf';
import { Link } from '@/ui/Link';
import { useJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { LotField } from './LotField';
import { useWorkPlace } from './WorkPlace';

/** What the plan takes, against what stands on the shelf; an opened bottle past its days is refused, and said. */
export function NeedsList({ plan, onLot }: { plan: WorkPlan; onLot?: (lot: string | undefined) => void }) {
  const { sheet } = useJob();
  const shop = useShop();
  const { shelf } = useWorkPlace();
  if (plan.needs.length === 0) return null;
  const fluid = {
    wanted: sheet.car.fluidClass,
    neededMl: plan.bleed?.plan.totalMl ?? 0,
    freshDays: limitFor('bottleDays', shop.limits).value,
    now: new Date(shop.now),
    lot: plan.bleed?.lot,
  };
  const needs = againstShelf(plan.needs, shelf, fluid);
  return (
    <section aria-label="Needed">
      <h4 className="narrow border-b border-ink text-lg font-semibold">
        Needed{' '}
        <Link href="/shelf" className="ml-2 text-base font-medium underline underline-offset-4 print:hidden">
          the shelf
        </Link>
      </h4>
      <ul>
        {needs.map((need) => (
          <li key={`${need.kind} ${need.what} ${need.axle ?? ''}`} className="border-b border-rule py-1">
            <span className="flex flex-wrap items-baseline gap-x-3">
              <b className="reading w-10 text-right font-semibold">{need.quantity} ×</b>
              <span className="flex-1">
                {need.what}
                {need.axle && `, ${need.axle}`}
              </span>
              <span className={need.enough ? 'text-go' : 'font-semibold text-bronze'}>
                {need.kind === 'other'
                  ? 'not kept on the shelf'
                  : need.enough
                    ? `there: ${amount(need.kind, need.there)}`
                    : need.there === 0
                      ? 'none on the shelf'
                      : `only ${amount(need.kind, need.there)} there`}
              </span>
            </span>
            {need.kind === 'fluid' && (
              <FromLots lots={need.from} ml={fluid.neededMl} lot={fluid.lot} onLot={onLot} />
            )}
            {need.refused.map(({ item, why }) => (
              <span key={item.id} className="block pl-[3.25rem] text-small text-soft">
                not {item.what} {item.batch}: {why}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

type FromLotsProps = {
  lots: readonly ShelfItem[];
  ml: number;
  lot: string | undefined;
  onLot?: (lot: string | undefined) => void;
};

/** Which bottles the fluid comes out of, and another lot to begin with. */
function FromLots({ lots, ml, lot, onLot }: FromLotsProps) {
  const { pours } = poursFrom(lots, ml);
  if (pours.length === 0) return null;
  return (
    <>
      <span className="block pl-[3.25rem] text-small">
        {Math.round(ml)} ml from: {pourWords(pours)}
      </span>
      {onLot && lots.length > 1 && (
        <LotField
          label="Begin with"
          lots={lots}
          lot={lot ?? ''}
          onLot={(next) => onLot(next || undefined)}
          className="ml-[3.25rem] max-w-md print:hidden"
        />
      )}
    </>
  );
}

function amount(kind: keyof typeof PART_KINDS, there: number): string {
  return kind === 'fluid' ? `${Math.round(there)} ml` : String(there);
}
