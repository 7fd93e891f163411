import type { Bay } from '@/server/bay/queries';
import { Link } from '@/ui/Link';
import { DueLines } from '../../car/DueLines';

/** What falls due within a month, or already has, car by car: what needs doing on one is done in one go. */
export function DueList({ due }: { due: Bay['due'] }) {
  return (
    <section aria-labelledby="due">
      <h2 id="due" className="flex min-h-11 items-end border-b-2 border-ink text-xl">
        Due
      </h2>
      <ul>
        {due.cars.map((car) => (
          <li key={car.carId} className="border-b border-rule py-2">
            <Link href={`/car/${car.carId}`} className="font-semibold underline underline-offset-4">
              {car.carName}
            </Link>
            <DueLines carId={car.carId} lines={car.lines} />
          </li>
        ))}
        {due.cars.length === 0 && <li className="py-2 text-soft">Nothing within a month.</li>}
      </ul>
      {due.more > 0 && (
        <Link
          href="/?due=all"
          scroll={false}
          className="flex min-h-11 items-center underline underline-offset-4"
        >
          {due.more} more {due.more === 1 ? 'car has' : 'cars have'} something due: show all
        </Link>
      )}
    </section>
  );
}
