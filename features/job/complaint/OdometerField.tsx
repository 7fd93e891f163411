'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { ODOMETER_RANGE } from '@/core/car/odometer';
import { NumberField } from '@/ui/Field';
import { useJob } from '../../record/JobProvider';
import { figureReader } from '../../shell/figureReader';
import { useShop } from '../../shell/ShopContext';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';

const baseOf = () => 'km' as const;

/** What the odometer shows today, beside what it last showed; written down when the field is left. */
export function OdometerField() {
  const { sheet, changeJob, closed } = useJob();
  const { dateOrder } = useShop();
  const units = useUnits();
  const { odometerKm } = sheet.job;
  const saved = odometerKm === null ? '' : units.about(odometerKm, 'km', 7);
  const [typed, keep, forget] = useKeptFigures<string | null>(`odometer.${sheet.job.id}`, null, baseOf);
  const [left, setLeft] = useState(false);
  const text = typed ?? saved;
  const { wrong, figure } = figureReader(units, { odometerKm: ODOMETER_RANGE });
  const km = figure('odometer', text, 'odometerKm', 'km');
  const last = sheet.odometer;
  const before = last && `${units.full(last.km, 'km', 0)} on ${dayWords(last.day, dateOrder)}`;
  const write = () => {
    setLeft(true);
    if (typed === null || wrong.odometer) return;
    changeJob('odometerKm', km ?? null, 'Odometer');
    forget();
  };
  return (
    <NumberField
      label="Odometer"
      unit={units.unit('km')}
      value={text}
      readOnly={closed}
      error={left ? wrong.odometer : undefined}
      hint={
        last && km !== undefined && km < last.km
          ? `Less than the ${before}: a slip, or another instrument?`
          : before && `Last ${before}`
      }
      onChange={(event) => {
        setLeft(false);
        keep(event.target.value);
      }}
      onBlur={write}
      className="max-w-72"
    />
  );
}
