'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { limitFor } from '@/core/car/limits/catalogue';
import { fluidSoFar } from '@/core/planning/bleed/soFar';
import type { WorkPlan } from '@/core/planning/plan';
import type { Run } from '@/core/planning/run/run';
import { bottleRefused, bottlesFor } from '@/core/planning/shelf/shelf';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { newId } from '../../../shell/newId';
import { request } from '../../../shell/request';
import { useShop } from '../../../shell/ShopContext';
import { useKept } from '../../../shell/useKept';
import { useDesk } from '../../desk/Desk';
import { useWorkPlace } from '../WorkPlace';

type Props = { workId: string; run: Run; bleed: NonNullable<WorkPlan['bleed']> };

/** What the bleed drew and topped up, taken off the shelf in one press; the rest of the last bottle stays as opened. */
export function UsedFluid({ workId, run, bleed }: Props) {
  const { sheet } = useDesk();
  const { shelf } = useWorkPlace();
  const shop = useShop();
  const router = useRouter();
  const [taken, keepTaken] = useKept(`fluid-taken.${workId}`, '');
  const [id] = useState(newId);
  const [error, setError] = useState<string>();
  const { usedMl: used } = fluidSoFar(run, bleed);
  const fresh = limitFor('bottleDays', shop.limits).value;
  const lots = shelf.filter(
    (item) =>
      item.kind === 'fluid' &&
      item.openedAt === null &&
      item.quantity >= bottlesFor(used, item.sizeMl ?? 1).bottles &&
      bottleRefused(item, sheet.car.fluidClass, fresh, new Date(shop.now)) === undefined,
  );
  const [lot, setLot] = useState(lots[0]?.id ?? '');
  const from = lots.find((item) => item.id === lot);
  if (taken !== '') return <p className="mt-4 text-lg font-semibold text-go">{taken}</p>;
  const take = async () => {
    const reply = await request('POST', `/api/shelf/${lot}/use`, { id, ml: Math.round(used) });
    if (!reply.ok) return setError(reply.refusal.issues?.[0]?.accepted ?? reply.refusal.message);
    keepTaken(`${Math.round(used)} ml taken off the shelf: ${from!.what} ${from!.batch}`.trim());
    router.refresh();
  };
  return (
    <form
      aria-label="Fluid used"
      className="mt-4 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void take();
      }}
    >
      <p className="text-lg">
        <b className="reading font-semibold">{Math.round(used)} ml</b> used with the top-up
      </p>
      {lots.length === 0 ? (
        <p className="text-soft">The shelf has no lot to take it from.</p>
      ) : (
        <>
          <SelectField
            label="From"
            value={lot}
            onChange={(event) => setLot(event.target.value)}
            className="min-w-60"
          >
            {lots.map((item) => (
              <option key={item.id} value={item.id}>
                {item.what} {item.batch} ({item.quantity} × {Math.round(item.sizeMl ?? 0)} ml)
              </option>
            ))}
          </SelectField>
          <Button type="submit">Take it off the shelf</Button>
        </>
      )}
      {error && (
        <p role="alert" className="font-semibold text-stop">
          {error}
        </p>
      )}
    </form>
  );
}
