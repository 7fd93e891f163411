'use client';

import { Button } from '@/ui/Button';
import { NumberField, TextField } from '@/ui/Field';
import { DayField } from '../../shell/DayField';
import { useUnits } from '../../shell/useUnits';
import type { NextDraft } from './nextDraft';

type Props = {
  due: NextDraft;
  /** What is wrong, as `temporary.why`. */
  errorOf: (field: string) => string | undefined;
  onChange: (change: Partial<NextDraft>) => void;
  onDrop: () => void;
};

/** One thing that is due next, or a temporary repair. */
export function DueRow({ due, errorOf, onChange, onDrop }: Props) {
  return (
    <div className={due.temporary ? 'mb-3 border-l-[6px] border-straw pl-3' : 'mb-2'}>
      <div className="flex flex-wrap items-start gap-3">
        <TextField
          label={due.temporary ? 'What was done for now' : 'What'}
          maxLength={400}
          value={due.what}
          onChange={(event) => onChange({ what: event.target.value })}
          className="min-w-60 flex-1"
        />
        <DayField
          label="By"
          value={due.dueOn}
          error={errorOf('dueOn')}
          onChange={(dueOn) => onChange({ dueOn })}
        />
        <Button look="quiet" onClick={onDrop}>
          Leave out
        </Button>
      </div>
      {due.temporary && (
        <RepairFields
          repair={due.temporary}
          errorOf={(field) => errorOf(`temporary.${field}`)}
          onChange={(temporary) => onChange({ temporary })}
        />
      )}
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
