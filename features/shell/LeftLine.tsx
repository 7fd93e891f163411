'use client';

import { Button } from '@/ui/Button';
import { moment } from '@/ui/format';
import { useShop } from './ShopContext';
import { useNow } from './useNow';

/** What somebody typed into a form on this device before and did not save. */
export type LeftBehind<T> = {
  /** When it was typed last; nothing when there is none. */
  leftAt: string | null;
  /** In how many fields of the form something is typed. */
  typedFields: (draft: T) => number;
  dropTyped: () => void;
};

/** Says that a form shows what was left behind in it, so that nobody takes it for what is on file; one press puts that back. */
export function LeftLine<T>({ left, draft, back }: { left: LeftBehind<T>; draft: T; back: string }) {
  const shop = useShop();
  const now = useNow();
  const { leftAt } = left;
  const fields = leftAt === null ? 0 : left.typedFields(draft);
  if (fields === 0) return null;
  return (
    <div
      role="status"
      className="mb-4 flex flex-wrap items-center justify-between gap-x-4 border-l-[6px] border-straw bg-straw-wash px-3 py-1"
    >
      <span className="py-2">
        Typed on this device and not saved: <b>{fields === 1 ? 'one field' : `${fields} fields`}</b>
        {leftAt && `, last ${moment(leftAt, shop, now)}`}.
      </span>
      <Button look="quiet" className="-mx-3" onClick={left.dropTyped}>
        {back}
      </Button>
    </div>
  );
}
