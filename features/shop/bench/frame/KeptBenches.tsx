'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { BenchId } from '@/core/car/benchState';
import type { KeptBench } from '@/server/benches/queries';
import { Button } from '@/ui/Button';
import { shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Tick } from '@/ui/Tick';
import { Trouble } from '@/ui/Trouble';
import { KeptForms } from '../../../queue/KeptForms';
import { ahead } from '../../../shell/ahead';
import { dropRow } from '../../../shell/dropped';
import { calledUp, untilThere } from '../../../shell/later';
import { useShop } from '../../../shell/ShopContext';
import { useRefresh } from '../../../shell/useRefresh';
import { Comparison } from './Comparison';
import type { Compared } from './compare';
import type { BenchPlace } from './place';
import type { Bench } from './useBench';

const KeepForm = calledUp(
  dynamic(() => untilThere(() => import('./KeepForm').then((module) => module.KeepForm))),
);
ahead(() => import('./KeepForm'));

type Props<T> = {
  bench: BenchId;
  place: BenchPlace;
  work: Bench<T>;
  figuresOf: (typed: T) => Compared['figures'];
};

/** What was kept of a bench with its car: opened by its link, set beside what stands now, dropped. */
export function KeptBenches<T extends object>({ bench, place, work, figuresOf }: Props<T>) {
  const refreshPage = useRefresh();
  const [beside, setBeside] = useState<readonly string[]>([]);
  const [trouble, setTrouble] = useState<string>();
  const { car, kept } = place;
  if (!car)
    return (
      <p className="text-soft print:hidden">
        Choose a car to keep this bench with it, and to set benches side by side.
      </p>
    );
  const picked = kept.filter(({ id }) => beside.includes(id));
  const drop = ({ id, version, name }: KeptBench) =>
    dropRow({
      path: `/api/benches/${id}`,
      version,
      label: `Dropped: ${name}`,
      onChange: (wrong) => {
        setTrouble(wrong);
        refreshPage();
      },
    });
  return (
    <section aria-labelledby="kept" className={picked.length === 0 ? 'print:hidden' : undefined}>
      <h2 id="kept" className="border-b-2 border-ink pb-1 text-xl">
        Kept with {car.name}
      </h2>
      <KeepForm bench={bench} carId={car.id} typed={work.typed} />
      <Trouble>{trouble}</Trouble>
      <KeptForms under={`/api/cars/${car.id}/benches`} />
      <ul className="print:hidden">
        {kept.map((state) => (
          <KeptLine
            key={state.id}
            state={state}
            jobId={place.job?.id}
            isOpen={state.id === place.opened?.id}
            isBeside={beside.includes(state.id)}
            onBeside={(wanted) =>
              setBeside(wanted ? [...beside, state.id] : beside.filter((id) => id !== state.id))
            }
            onDrop={() => void drop(state)}
          />
        ))}
        {kept.length === 0 && <li className="py-2 text-soft">Nothing yet.</li>}
      </ul>
      {picked.length > 0 && (
        <div className="mt-4">
          <Comparison
            benches={[
              { id: 'now', name: 'As it stands', figures: figuresOf(work.typed) },
              ...picked.map((state): Compared => {
                const typed = work.typedOf(state);
                return { id: state.id, name: state.name, figures: typed && figuresOf(typed) };
              }),
            ]}
          />
        </div>
      )}
    </section>
  );
}

type LineProps = {
  state: KeptBench;
  jobId?: string;
  isOpen: boolean;
  isBeside: boolean;
  onBeside: (wanted: boolean) => void;
  onDrop: () => void;
};

function KeptLine({
  state: { id, bench, carId, name, recordedAt },
  jobId,
  isOpen,
  isBeside,
  onBeside,
  onDrop,
}: LineProps) {
  const shop = useShop();
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule py-1">
      <span>
        <Link
          href={`/bench/${bench}?car=${carId}&kept=${id}${jobId ? `&job=${jobId}` : ''}`}
          aria-current={isOpen ? 'page' : undefined}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {name}
        </Link>{' '}
        <span className="text-soft">{shortDate(recordedAt, shop)}</span>
      </span>
      <span className="flex items-center gap-3">
        <Tick label={`${name} beside what stands`} checked={isBeside} onChange={onBeside}>
          Beside
        </Tick>
        <Button look="quiet" aria-label={`Drop ${name}`} onClick={onDrop}>
          Drop
        </Button>
      </span>
    </li>
  );
}
