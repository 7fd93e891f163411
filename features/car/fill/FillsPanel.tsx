'use client';

import { useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { WaterTrend } from '@/core/planning/due/water';
import { fillChanges } from '@/core/planning/fill/fill';
import type { CarRow } from '@/server/cars/rows';
import type { CarFill } from '@/server/fills/queries';
import { Button } from '@/ui/Button';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import { KeptForms } from '../../queue/KeptForms';
import { dropRow } from '../../shell/dropped';
import { IfMay } from '../../shell/IfMay';
import { later } from '../../shell/later';
import { useMay } from '../../shell/PersonContext';
import { useShop } from '../../shell/ShopContext';
import { useRefresh } from '../../shell/useRefresh';
import { useUnits } from '../../shell/useUnits';
import { WaterLine } from './WaterLine';

const FillForm = later(() => import('./FillForm').then((module) => module.FillForm));

/** Fills shown at once; the rest opens. */
const SHOWN = 3;

type Props = { car: CarRow; fills: CarFill[]; water?: WaterTrend };

/** What the car was filled with, newest first: what every curve and margin goes by. */
export function FillsPanel({ car, fills, water }: Props) {
  const refreshPage = useRefresh();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const drop = ({ id, version, product }: CarFill) =>
    dropRow({
      path: `/api/fills/${id}`,
      version,
      label: `Dropped: ${product}`,
      onChange: (wrong) => {
        setTrouble(wrong);
        refreshPage();
      },
    });
  const line = (fill: CarFill, index: number) => (
    <FillLine key={fill.id} fill={fill} before={fills[index + 1]} onDrop={() => void drop(fill)} />
  );
  return (
    <section aria-labelledby="fills">
      <h2 id="fills" className="mt-6 flex items-end justify-between gap-2 border-b-2 border-ink pb-1 text-xl">
        Fluid
        {mayWork && !open && (
          <Button look="quiet" onClick={() => setOpen(true)}>
            Note a fill
          </Button>
        )}
      </h2>
      <Trouble>{trouble}</Trouble>
      {water && <WaterLine water={water} />}
      {open && <FillForm car={car} before={fills[0]} onDone={() => setOpen(false)} />}
      <KeptForms under={`/api/cars/${car.id}/fills`} />
      <ul>
        {fills.slice(0, SHOWN).map(line)}
        {fills.length === 0 && (
          <li className="py-2 text-soft">
            No fill noted: its product and its own boiling points are not known.
          </li>
        )}
      </ul>
      {fills.length > SHOWN && (
        <Opens head={<span className="text-soft">{fills.length - SHOWN} earlier</span>}>
          <ul>{fills.slice(SHOWN).map((fill, index) => line(fill, index + SHOWN))}</ul>
        </Opens>
      )}
    </section>
  );
}

function FillLine({ fill, before, onDrop }: { fill: CarFill; before?: CarFill; onDrop: () => void }) {
  const { dateOrder } = useShop();
  const units = useUnits();
  const changes = fillChanges(before, fill);
  const facts = [
    FLUID_CLASSES[fill.fluidClass].label,
    fill.dryC === null
      ? 'its own points not known'
      : `${units.full(fill.dryC, '°C', 0)} dry, ${units.full(fill.wetC, '°C', 0)} wet`,
    ...(fill.colour === '' ? [] : [fill.colour]),
    ...(fill.odometerKm === null ? [] : [`at ${units.full(fill.odometerKm, 'km', 0)}`]),
    ...(fill.lotOpenedOn === null ? [] : [`bottle opened ${dayWords(fill.lotOpenedOn, dateOrder)}`]),
  ];
  return (
    <li className="flex items-start justify-between gap-3 border-b border-rule py-2">
      <span>
        <b className="font-semibold">{fill.product}</b>{' '}
        {fill.batch !== '' && <span className="reading text-soft">{fill.batch}</span>}
        <span className="block text-small text-soft">{facts.join(' · ')}</span>
        {changes.length > 0 && (
          <span className="block text-small font-semibold text-bronze">
            Changed the {changes.join('; the ')}
          </span>
        )}
      </span>
      <span className="flex shrink-0 items-center">
        <span className="reading">{dayWords(fill.filledOn, dateOrder)}</span>
        <IfMay right="work">
          <Button look="quiet" aria-label={`Drop the fill of ${fill.filledOn}`} onClick={onDrop}>
            Drop
          </Button>
        </IfMay>
      </span>
    </li>
  );
}
