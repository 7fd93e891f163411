'use client';

import { useState } from 'react';
import { SearchField } from '@/ui/Field';
import { Link } from '@/ui/Link';
import { findCars, type NamedCar } from './findCars';

/** As many as are taken in at a glance; a longer list is searched. */
const AT_A_GLANCE = 12;

/** The shop's cars, each a link; a long list is narrowed by typing. */
export function CarList({ cars }: { cars: readonly NamedCar[] }) {
  const [typed, setTyped] = useState('');
  const found = findCars(cars, typed);
  const more = found.length - AT_A_GLANCE;
  return (
    <>
      {cars.length > AT_A_GLANCE && (
        <SearchField label="Find a car" value={typed} onChange={(event) => setTyped(event.target.value)} />
      )}
      <ul>
        {found.slice(0, AT_A_GLANCE).map((car) => (
          <li key={car.id} className="border-b border-rule">
            <Link
              href={`/car/${car.id}`}
              className="flex min-h-11 flex-col justify-center py-1.5 hover:bg-straw-wash"
            >
              <b className="font-semibold">{car.name}</b>
              {car.note && <span className="text-small text-soft">{car.note}</span>}
            </Link>
          </li>
        ))}
        {cars.length === 0 && <li className="py-2 text-soft">No cars yet.</li>}
        {cars.length > 0 && found.length === 0 && <li className="py-2 text-soft">No car by that name.</li>}
      </ul>
      {more > 0 && (
        <p className="py-2 text-soft">
          {more} more {more === 1 ? 'car' : 'cars'}: type to find {more === 1 ? 'it' : 'one'}.
        </p>
      )}
    </>
  );
}
