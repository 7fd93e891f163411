'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { TextArea, TextField } from '@/ui/Field';
import { useJob } from '../../record/JobProvider';
import { DayField } from '../../shell/DayField';
import { usePerson } from '../../shell/PersonContext';
import { useShop } from '../../shell/ShopContext';
import { useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';
import { conditionWords } from './conditionWords';
import { StandingIssues } from './StandingIssues';

/** Sends the car out: who drives, under the conditions of the complaint, back by when. */
export function SendOut({ driven }: { driven: boolean }) {
  const { sheet, judgement, sendOut } = useJob();
  const { today } = useShop();
  const units = useUnits();
  const { name: me } = usePerson();
  const [named, keepDriver] = useKept<string | null>('driver-name', null);
  const driver = named ?? me;
  const offered = conditionWords(judgement.out.conditions, units);
  const [draft, keep, forget] = useKept(`drive.${sheet.job.id}`, { conditions: '', dueOn: '' });
  const [tried, setTried] = useState(false);
  const { toDrive } = judgement.out;
  const conditions = draft.conditions === '' ? offered : draft.conditions;
  const dueOn = draft.dueOn === '' ? today : draft.dueOn;
  const wrong = {
    driver: driver.trim() === '' ? 'who drives' : undefined,
    dueOn: dueOn < today ? 'not before today' : undefined,
  };
  const send = () => {
    setTried(true);
    if (wrong.driver || wrong.dueOn || toDrive.length > 0) return;
    sendOut({ driver: driver.trim(), conditions: conditions.trim(), dueOn });
    forget();
  };
  return (
    <div className="mt-1 grid gap-3">
      <p className="text-soft">
        {driven
          ? 'The car was worked on, or still complains, since it was last driven.'
          : 'At rest is not proved: the complaint is gone when it stays away where it came from.'}{' '}
        First slow, straight, empty; then so:
      </p>
      <TextArea
        label="Drive it"
        value={conditions}
        maxLength={1000}
        onChange={(event) => keep({ ...draft, conditions: event.target.value })}
      />
      <div className="flex flex-wrap items-start gap-3">
        <TextField
          label="Who drives"
          maxLength={80}
          autoComplete="name"
          value={driver}
          error={tried ? wrong.driver : undefined}
          onChange={(event) => keepDriver(event.target.value)}
          className="w-56"
        />
        <DayField
          label="Back by"
          value={dueOn}
          error={wrong.dueOn}
          onChange={(day) => keep({ ...draft, dueOn: day })}
        />
      </div>
      {toDrive.length > 0 && <StandingIssues title="Before it is driven:" issues={toDrive} loud={tried} />}
      <div>
        <Button look="primary" onClick={send}>
          Out on proof
        </Button>
      </div>
    </div>
  );
}
