import type { Role } from '../../core/base/people/roles';
import type { DemoCar } from './cars';

type DemoPerson = { id: string; name: string; role: Role; cars?: readonly DemoCar[] };

const id = (last: string) => `00000000-0000-4000-9000-0000000000${last}`;

/** Who works in the invented workshop, and who drives there. Nobody of them exists. */
export const DEMO_PEOPLE: readonly DemoPerson[] = [
  { id: id('01'), name: 'Mira', role: 'owner' },
  { id: id('02'), name: 'Tobias', role: 'technician' },
  { id: id('03'), name: 'Ansel', role: 'technician' },
  { id: id('04'), name: 'Coline', role: 'driver', cars: ['coupe'] },
  { id: id('05'), name: 'Office', role: 'reader' },
];

/** Who wrote a job down: whoever closed it, else who is at the cars most. */
export function demoAuthor(name: string | undefined): DemoPerson {
  return DEMO_PEOPLE.find((person) => person.name === name) ?? DEMO_PEOPLE[1]!;
}
