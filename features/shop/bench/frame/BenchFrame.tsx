'use client';

import type { ReactNode } from 'react';
import type { UnitChoice } from '@/core/base/units/display';
import type { BenchId } from '@/core/car/benchState';
import { Button } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { SelectField } from '@/ui/Field';
import type { ListedFigure } from '@/ui/FigureList';
import { CarOptions } from '../../../shell/options';
import { UnitKeys } from '../../../shell/UnitKeys';
import { useGo } from '../../../shell/useGo';
import { KeptBenches } from './KeptBenches';
import type { BenchPlace } from './place';
import type { Bench } from './useBench';
import { type BenchReading, WriteDown } from './WriteDown';

type Props<T extends object> = {
  bench: BenchId;
  title: string;
  place: BenchPlace;
  work: Bench<T>;
  /** What it comes to; nothing while it is not whole. */
  figuresOf: (typed: T) => readonly ListedFigure[] | undefined;
  /** What it would write down in a job; nothing while it is not whole. */
  readings: readonly BenchReading[];
  /** What is given, on the left, and what it comes to, on the right. */
  given: ReactNode;
  said: ReactNode;
  /** The units its figures stand in. */
  unitKinds: readonly (keyof UnitChoice)[];
  narrow?: boolean;
};

/** A bench: of which car, what is given, what it comes to, and what was kept of it. */
export function BenchFrame<T extends object>(props: Props<T>) {
  const { bench, title, place, work, figuresOf, readings, given, said, unitKinds, narrow } = props;
  return (
    <main
      id="main"
      className={cn(
        'grid grid-cols-1 gap-6 p-4 desk:p-6 print:block',
        narrow ? 'desk:grid-cols-[21rem_1fr]' : 'desk:grid-cols-[26rem_1fr]',
      )}
    >
      <section aria-labelledby="given" className="grid min-w-0 grid-cols-1 content-start gap-4">
        <h1 id="given" className="text-3xl">
          {title}
          <span className="narrow ml-3 text-lg font-normal text-soft">
            {[place.car?.name, place.opened?.name].filter(Boolean).join(': ')}
          </span>
        </h1>
        <CarField bench={bench} place={place} />
        <UnitKeys kinds={unitKinds} className="print:hidden" />
        {given}
        <div className="flex flex-wrap gap-2 print:hidden">
          <Button onClick={work.afresh}>{place.opened ? 'As it was kept' : 'Start afresh'}</Button>
          <Button look="quiet" onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </section>
      <section aria-labelledby="said" className="grid min-w-0 grid-cols-1 content-start gap-6 print:mt-6">
        <h2 id="said" className="sr-only">
          What it means
        </h2>
        {said}
        {place.job && <WriteDown job={place.job} readings={readings} />}
        <KeptBenches bench={bench} place={place} work={work} figuresOf={figuresOf} />
      </section>
    </main>
  );
}

/** Whose figures the bench begins with. */
function CarField({ bench, place: { cars, car } }: { bench: BenchId; place: BenchPlace }) {
  const go = useGo();
  return (
    <SelectField
      label="Of the car"
      className="print:hidden"
      value={car?.id ?? ''}
      onChange={({ target: { value } }) =>
        go(value === '' ? `/bench/${bench}` : `/bench/${bench}?car=${value}`)
      }
    >
      <option value="">Any</option>
      <CarOptions cars={cars} />
    </SelectField>
  );
}
