'use client';

import { Button } from '@/ui/Button';
import { moment } from '@/ui/format';
import { useShop } from './ShopContext';
import { useNow } from './useNow';

/** What somebody typed on this device before and did not save: when last, and in how many fields it still stands. */
export type LeftBehind = { at: string; fields: number };

/** Says that a form shows what was left behind in it, so that nobody takes it for what is on file; one press puts that back. */
export function LeftLine({ at, fields, back, onDrop }: LeftBehind & { back: string; onDrop: () => void }) {
  const shop = useShop();
  const now = useNow();
  if (fields === 0) return null;
  return (
    <div
      role="status"
      className="mb-4 flex flex-wrap items-center justify-between gap-x-4 border-l-[6px] border-straw bg-straw-wash px-3 py-1"
    >
      <span className="py-2">
        Typed on this device and not saved: <b>{fields === 1 ? 'one field' : `${fields} fields`}</b>
        {at && `, last ${moment(at, shop, now)}`}.
      </span>
      <Button look="quiet" className="-mx-3" onClick={onDrop}>
        {back}
      </Button>
    </div>
  );
}
