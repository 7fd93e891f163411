'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import { limitFor } from '@/core/car/limits/catalogue';
import { fluidSoFar } from '@/core/planning/bleed/soFar';
import type { WorkPlan } from '@/core/planning/plan';
import type { WorkRow } from '@/core/planning/run/rows';
import type { Run } from '@/core/planning/run/run';
import { pourWords } from '@/core/planning/shelf/pour';
import { lotsFor } from '@/core/planning/shelf/shelf';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import { sendForm } from '../../queue/forms';
import { KeptForms, useKeptForms } from '../../queue/KeptForms';
import { outbox } from '../../queue/page';
import { useJob } from '../../record/JobProvider';
import { newId } from '../../shell/newId';
import { notTaken } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { useRefresh } from '../../shell/useRefresh';
import { LotField } from '../LotField';
import { useWorkPlace } from '../WorkPlace';

type Props = { work: WorkRow; run: Run; bleed: NonNullable<WorkPlan['bleed']> };

/**
 * What the bleed drew and topped up, off the shelf: the server takes it with the last step; here it is put back, or taken
 * from another lot. The rest of the last bottle stays as opened.
 */
export function UsedFluid({ work, run, bleed }: Props) {
  const { sheet, refresh } = useJob();
  const { shelf } = useWorkPlace();
  const shop = useShop();
  const refreshPage = useRefresh();
  const [lot, setLot] = useState('');
  const [error, setError] = useState<string>();
  const { fluid } = work;
  const path = `/api/works/${work.id}/fluid`;
  const kept = useKeptForms(path);
  const used = Math.round(fluidSoFar(run, bleed).usedMl);
  const { writes } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  const underWay = writes.some(({ jobId }) => jobId === sheet.job.id);
  // What the server takes with the last step, once that has reached it, is not in the step's own answer.
  useEffect(() => {
    if (!fluid && !underWay) void refresh();
  }, [fluid, underWay, refresh]);
  const send = async (taken: boolean) => {
    const reply = await sendForm({
      path,
      id: newId(),
      jobId: sheet.job.id,
      workId: work.id,
      content: { taken, lot: lot === '' ? null : lot },
      label: () => (taken ? `${used} ml taken off the shelf` : 'What was used, put back on the shelf'),
    });
    if (!reply.ok) {
      const [issue] = reply.refusal.issues ?? [];
      return setError(issue ? notTaken(issue) : reply.refusal.message);
    }
    setError(undefined);
    if (reply.kept) return;
    await refresh();
    refreshPage();
  };
  const freshDays = limitFor('bottleDays', shop.limits).value;
  const lots = lotsFor(shelf, { wanted: sheet.car.fluidClass, freshDays, now: new Date(shop.now) });
  return (
    <section aria-label="Fluid used" className="mt-4 flex flex-wrap items-end gap-3">
      {kept.length > 0 ? (
        <KeptForms under={path} />
      ) : fluid?.taken ? (
        <>
          <p className="text-lg font-semibold text-go">
            {Math.round(fluid.ml)} ml taken off the shelf: {pourWords(fluid.pours)}
          </p>
          <Button look="quiet" onClick={() => void send(false)}>
            Put it back
          </Button>
        </>
      ) : (
        <>
          <p className="text-lg">
            <b className="reading font-semibold">{used} ml</b> used with the top-up, not taken off the shelf
          </p>
          {lots.length === 0 && <p className="text-soft">The shelf has nothing to take it from.</p>}
          {lots.length > 0 && (
            <>
              <LotField label="From" lots={lots} lot={lot} onLot={setLot} className="min-w-60" />
              <Button onClick={() => void send(true)}>Take it off the shelf</Button>
            </>
          )}
        </>
      )}
      <Trouble>{error}</Trouble>
    </section>
  );
}
