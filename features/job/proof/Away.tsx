'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { DRIVE_RANGES, type ProofDrive } from '@/core/job/proofDrive';
import { Button } from '@/ui/Button';
import { NumberField, TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { useJob } from '../../record/JobProvider';
import { figureReader } from '../../shell/figureReader';
import { useShop } from '../../shell/ShopContext';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';

const BASES = { laps: '', air: '°C' } as const;
const baseOf = (name = '') => BASES[name as keyof typeof BASES];

/** A car that is out, until somebody says that it is back. */
export function Away({ drive }: { drive: ProofDrive }) {
  const { closed, comeBack } = useJob();
  const shop = useShop();
  const units = useUnits();
  const [typed, keep, forget] = useKeptFigures(`back.${drive.id}`, { laps: '', air: '', note: '' }, baseOf);
  const [tried, setTried] = useState(false);
  const { wrong, figure } = figureReader(units, DRIVE_RANGES);
  const laps = figure('laps', typed.laps, 'laps', '');
  const airC = figure('air', typed.air, 'airC', '°C');
  if (laps !== undefined && !Number.isInteger(laps))
    wrong.laps = `${typed.laps} is not taken: a whole number is needed`;
  const late = drive.dueOn < shop.today;
  const back = () => {
    setTried(true);
    if (Object.keys(wrong).length > 0) return;
    comeBack(drive.id, { laps: laps ?? null, airC: airC ?? null, note: typed.note.trim() });
    forget();
  };
  return (
    <div className="mt-1 grid gap-3">
      <p>
        <b>{drive.driver}</b> drives it since {moment(drive.outAt, shop, new Date(shop.now))}.{' '}
        <span className={late ? 'font-semibold text-stop' : undefined}>
          {late ? 'Was to be back' : 'Back'} by {dayWords(drive.dueOn, shop.dateOrder)}.
        </span>
      </p>
      <p className="border-l-[6px] border-straw pl-3 whitespace-pre-line">{drive.conditions}</p>
      {!closed && (
        <>
          <div className="flex flex-wrap items-start gap-3">
            <NumberField
              label="Laps, or stops"
              value={typed.laps}
              error={tried ? wrong.laps : undefined}
              onChange={(event) => keep({ ...typed, laps: event.target.value })}
              className="w-40"
            />
            <NumberField
              label="Air"
              unit={units.unit('°C')}
              value={typed.air}
              error={tried ? wrong.air : undefined}
              onChange={(event) => keep({ ...typed, air: event.target.value })}
              className="w-40"
            />
            <TextField
              label="What the driver says"
              maxLength={2000}
              value={typed.note}
              onChange={(event) => keep({ ...typed, note: event.target.value })}
              className="min-w-60 flex-1"
            />
          </div>
          <div>
            <Button look="primary" onClick={back}>
              It is back
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
