'use client';

import type { ProofDrive } from '@/core/job/proofDrive';
import { moment } from '@/ui/format';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

/** A drive that is over, in a line. */
export function Driven({ drive, counts = true }: { drive: ProofDrive; counts?: boolean }) {
  const shop = useShop();
  const units = useUnits();
  const { driver, conditions, outAt, back } = drive;
  const facts = [
    back?.laps == null ? undefined : `${back.laps} laps or stops`,
    back?.airC == null ? undefined : `air ${units.full(back.airC, '°C', 0)}`,
  ].filter((each) => each !== undefined);
  return (
    <div className={`mt-2 ${counts ? '' : 'text-soft'}`}>
      <p>
        <b>{driver}</b> drove it {moment(outAt, shop, new Date(shop.now))}
        {facts.length > 0 && `: ${facts.join(', ')}`}.{!counts && ' Worked on since.'}
      </p>
      <p className="whitespace-pre-line">{conditions}</p>
      {back && back.note !== '' && <p>“{back.note}”</p>}
    </div>
  );
}
