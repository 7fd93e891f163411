'use client';

import { useEffect, useId, useRef, useState } from 'react';
import { SearchField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { findCars, type NamedCar } from '../car/findCars';

/** Boxes large enough for gloves; more than these are narrowed by typing. */
const MOST_SHOWN = 8;

type Props = {
  cars: readonly NamedCar[];
  chosen?: string;
  error?: string;
  onChoose: (id: string) => void;
};

/** Which car: boxes to press, found by typing where there are many. The chosen one stays in sight. */
export function CarPicker({ cars, chosen, error, onChoose }: Props) {
  const [typed, setTyped] = useState('');
  const errorId = useId();
  const group = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    if (error) group.current?.querySelector('input')?.focus();
  }, [error]);
  const found = findCars(cars, typed);
  const picked = cars.find((car) => car.id === chosen);
  const first = found.slice(0, MOST_SHOWN);
  const shown = picked && !first.includes(picked) ? [picked, ...first.slice(0, MOST_SHOWN - 1)] : first;
  const more = found.length - shown.filter((car) => found.includes(car)).length;
  return (
    <fieldset ref={group} aria-describedby={error ? errorId : undefined}>
      <legend className="narrow mb-1 font-semibold">Which car</legend>
      {error && (
        <p id={errorId} role="alert" className="mb-1 text-small font-semibold text-stop">
          {error}
        </p>
      )}
      {cars.length > MOST_SHOWN && (
        <div className="mb-2">
          <SearchField
            label="Find a car"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return;
              // Enter takes the first that fits; the form is sent by its own button.
              event.preventDefault();
              if (found[0]) onChoose(found[0].id);
            }}
          />
        </div>
      )}
      <div data-stop="" className="grid gap-2 sm:grid-cols-2">
        {shown.map((car) => (
          <label
            key={car.id}
            className="flex min-h-14 cursor-pointer items-center gap-3 border-2 border-ink bg-card px-3 py-2 has-checked:bg-ink has-checked:text-sheet"
          >
            <input
              type="radio"
              name="car"
              value={car.id}
              checked={chosen === car.id}
              onChange={() => onChoose(car.id)}
              className="size-5 shrink-0 accent-(--straw)"
            />
            <span>
              <b className="block">{car.name}</b>
              <span className="text-small opacity-80">{car.note}</span>
            </span>
          </label>
        ))}
      </div>
      <p aria-live="polite" className="text-soft">
        {found.length === 0 && 'No car by that name.'}
        {more > 0 && `${more} more: type to narrow.`}
      </p>
      <Link
        href="/car/new?for=complaint"
        className="mt-1 inline-flex min-h-11 items-center underline underline-offset-4"
      >
        Another car
      </Link>
    </fieldset>
  );
}
