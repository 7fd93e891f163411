'use client';

import { dayAfter } from '@/core/base/day';
import type { Due } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { NumberField, TextField } from '@/ui/Field';
import { DayField } from '../../shell/DayField';
import { newId } from '../../shell/newId';
import { useShop } from '../../shell/ShopContext';
import type { Units } from '../../shell/units';
import { useUnits } from '../../shell/useUnits';

/** Something due as it is typed; a temporary repair says more. */
export type NextDraft = {
  id: string;
  what: string;
  dueOn: string;
  temporary?: { why: string; successor: string; sessions: string; km: string };
};

const NEW_REPAIR = { why: '', successor: '', sessions: '', km: '' };

/** What says something: an empty line is none. */
export function toBeKept(next: readonly NextDraft[]): NextDraft[] {
  return next.filter(({ what }) => what.trim() !== '');
}

/** What is typed as the server takes it; what is no figure goes as it was typed, for its field to be named. */
export function readNext({ id, what, dueOn, temporary }: NextDraft, units: Units): object {
  return {
    id,
    what,
    dueOn: dueOn === '' ? null : dueOn,
    ...(temporary
      ? {
          temporary: {
            why: temporary.why,
            successor: temporary.successor,
            sessions: units.sent(temporary.sessions, ''),
            km: units.sent(temporary.km, 'km'),
          },
        }
      : {}),
  };
}

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
  const set = (id: string, change: Partial<NextDraft>) =>
    onChange(next.map((each) => (each.id === id ? { ...each, ...change } : each)));
  const add = (more: Partial<NextDraft>) =>
    onChange([...next, { id: newId(), what: '', dueOn: '', ...more }]);
  return (
    <div>
      <p className="narrow font-semibold">Due next</p>
      {next.map((each) => (
        <div key={each.id} className={each.temporary ? 'mb-3 border-l-[6px] border-straw pl-3' : 'mb-2'}>
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label={each.temporary ? 'What was done for now' : 'What'}
              maxLength={400}
              value={each.what}
              onChange={(event) => set(each.id, { what: event.target.value })}
              className="min-w-60 flex-1"
            />
            <DayField
              label="By"
              value={each.dueOn}
              error={errorOf(`[${sent.indexOf(each)}].dueOn`)}
              onChange={(dueOn) => set(each.id, { dueOn })}
            />
            <Button look="quiet" onClick={() => onChange(next.filter((other) => other.id !== each.id))}>
              Leave out
            </Button>
          </div>
          {each.temporary && (
            <RepairFields
              repair={each.temporary}
              errorOf={(field) => errorOf(`[${sent.indexOf(each)}].temporary.${field}`)}
              onChange={(temporary) => set(each.id, { temporary })}
            />
          )}
        </div>
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

type RepairProps = {
  repair: NonNullable<NextDraft['temporary']>;
  errorOf: (field: string) => string | undefined;
  onChange: (repair: NonNullable<NextDraft['temporary']>) => void;
};

/** Why it is temporary, how long it is good for, and what replaces it. */
function RepairFields({ repair, errorOf, onChange }: RepairProps) {
  const units = useUnits();
  const set = (field: keyof typeof repair) => (event: { target: { value: string } }) =>
    onChange({ ...repair, [field]: event.target.value });
  return (
    <div className="mt-2 grid gap-3 sm:grid-cols-[1fr_1fr_8rem_9rem]">
      <TextField
        label="Why not for good"
        maxLength={400}
        value={repair.why}
        error={errorOf('why')}
        onChange={set('why')}
      />
      <TextField
        label="What replaces it"
        maxLength={200}
        value={repair.successor}
        error={errorOf('successor')}
        onChange={set('successor')}
      />
      <NumberField
        label="Or sessions"
        value={repair.sessions}
        error={errorOf('sessions')}
        onChange={set('sessions')}
      />
      <NumberField
        label="Or distance"
        unit={units.unit('km')}
        value={repair.km}
        error={errorOf('km')}
        onChange={set('km')}
      />
    </div>
  );
}
