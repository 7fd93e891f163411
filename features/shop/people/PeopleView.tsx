'use client';

import { useState } from 'react';
import { ROLE_WORDS } from '@/core/base/people/roles';
import type { DeviceRow } from '@/server/people/devices';
import type { PersonRow } from '@/server/people/queries';
import { Button } from '@/ui/Button';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { useShop } from '../../shell/ShopContext';
import { DeviceList } from './DeviceList';
import { PersonForm } from './PersonForm';

type Props = {
  people: PersonRow[];
  devices: DeviceRow[];
  cars: { id: string; name: string }[];
  isDemo: boolean;
};

/** Who works here, in which role, and on which devices. */
export function PeopleView({ people, devices, cars, isDemo }: Props) {
  const [adding, setAdding] = useState(false);
  const here = people.filter(({ leftAt }) => leftAt === null);
  const left = people.filter(({ leftAt }) => leftAt !== null);
  return (
    <main id="main" className="mx-auto max-w-4xl p-5">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <h1 className="text-3xl">People and devices</h1>
        <Link href="/setup/audit" className="min-h-11 py-2 underline underline-offset-4">
          Who did what
        </Link>
      </div>
      <p className="mb-3 max-w-prose text-soft">
        What somebody enters stands under their name, for good. A password does for the first sign-in on a
        device; on the shop’s own devices a press on the name and six figures do.
      </p>
      <ul className="border-t-2 border-ink">
        {here.map((person) => (
          <PersonLine key={`${person.id} ${person.version}`} {...{ person, cars, isDemo }} />
        ))}
      </ul>
      {adding ? (
        <PersonForm cars={cars} onDone={() => setAdding(false)} />
      ) : (
        <Button className="mt-3" onClick={() => setAdding(true)}>
          Take somebody in
        </Button>
      )}
      {left.length > 0 && (
        <>
          <h2 className="mt-6 border-t-2 border-ink pt-1 text-xl">Have left</h2>
          <ul>
            {left.map((person) => (
              <PersonLine key={`${person.id} ${person.version}`} {...{ person, cars, isDemo }} />
            ))}
          </ul>
        </>
      )}
      <DeviceList devices={devices} />
    </main>
  );
}

function PersonLine({ person, cars, isDemo }: { person: PersonRow } & Pick<Props, 'cars' | 'isDemo'>) {
  const shop = useShop();
  const [open, setOpen] = useState(false);
  const { name, role, hasPassword, hasPin, seenAt, leftAt } = person;
  const own = cars.filter(({ id }) => person.cars.includes(id)).map((car) => car.name);
  const ways = [hasPassword && 'password', hasPin && 'PIN'].filter(Boolean).join(' and ');
  const none = isDemo
    ? 'In the demo a press on the name does.'
    : 'Has neither password nor PIN: cannot sign in.';
  const waysIn = leftAt ? `Left ${moment(leftAt, shop, new Date(shop.now))}.` : ways ? `Has ${ways}.` : none;
  return (
    <li className="border-b border-soft py-1">
      <div className="flex min-h-11 flex-wrap items-center gap-x-4">
        <span className="min-w-40 text-lg font-bold">{name}</span>
        <span className="min-w-24">{ROLE_WORDS[role].label}</span>
        <span className="min-w-56 flex-1 text-small text-soft">
          {own.length > 0 && `${own.join(', ')}. `}
          {waysIn} {seenAt && `Last here ${moment(seenAt, shop, new Date(shop.now))}.`}
        </span>
        <Button
          look="quiet"
          aria-expanded={open}
          aria-label={`Change ${name}`}
          onClick={() => setOpen(!open)}
        >
          {leftAt ? 'Take back in' : 'Change'}
        </Button>
      </div>
      {open && <PersonForm person={person} cars={cars} onDone={() => setOpen(false)} />}
    </li>
  );
}
