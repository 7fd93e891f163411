'use client';

import { dayAfter } from '@/core/base/day';
import type { Due } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { later } from '../../shell/later';
import { newId } from '../../shell/newId';
import { useShop } from '../../shell/ShopContext';
import { type NextDraft, toBeKept } from './nextDraft';

// Nothing is due before somebody says so.
const DueRow = later(() => import('./DueRow').then((module) => module.DueRow), {
  loading: () => <div className="min-h-20" />,
});

const NEW_REPAIR = { why: '', successor: '', sessions: '', km: '' };

type Props = {
  next: readonly NextDraft[];
  offered: readonly Due[];
  /** What is wrong, as `[0].temporary.why`. */
  errorOf: (path: string) => string | undefined;
  onChange: (next: NextDraft[]) => void;
};

/** What is due next: what the work makes due is offered, the rest is written; a temporary repair has its limit. */
export function NextDue({ next, offered, errorOf, onChange }: Props) {
  const { today } = useShop();
  const sent = toBeKept(next);
  const open = offered.filter(({ what }) => !next.some((each) => each.what === what));
  const add = (more: Partial<NextDraft>) =>
    onChange([...next, { id: newId(), what: '', dueOn: '', ...more }]);
  return (
    <div>
      <p className="narrow font-semibold">Due next</p>
      {next.map((each) => (
        <DueRow
          key={each.id}
          due={each}
          errorOf={(field) => errorOf(`[${sent.indexOf(each)}].${field}`)}
          onChange={(change) =>
            onChange(next.map((other) => (other === each ? { ...each, ...change } : other)))
          }
          onDrop={() => onChange(next.filter((other) => other !== each))}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        {open.map(({ what, inDays }) => (
          <Button key={what} onClick={() => add({ what, dueOn: dayAfter(today, inDays) })}>
            {what}
          </Button>
        ))}
        <Button look="quiet" onClick={() => add({})}>
          Add what is due
        </Button>
        <Button look="quiet" onClick={() => add({ temporary: NEW_REPAIR })}>
          A temporary repair
        </Button>
      </div>
    </div>
  );
}
