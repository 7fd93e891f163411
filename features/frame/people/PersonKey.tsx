'use client';

import { useState } from 'react';
import { later } from '../../shell/later';
import { usePerson } from '../../shell/PersonContext';
import { StripKey } from '../StripKey';

const PersonSheet = later(() => import('./PersonSheet').then((module) => module.PersonSheet));

/** Who is at the car, on every screen: what is entered stands under this name. */
export function PersonKey() {
  const { name } = usePerson();
  const [open, setOpen] = useState(false);
  return (
    <>
      <StripKey
        aria-label={`${name} is signed in`}
        onClick={() => setOpen(true)}
        className="px-1 font-semibold sm:max-w-44 sm:px-2"
      >
        <span
          aria-hidden="true"
          className="reading flex size-8 items-center justify-center border border-white/60 text-small sm:hidden"
        >
          {initials(name)}
        </span>
        <span className="hidden truncate sm:inline">{name}</span>
      </StripKey>
      {open && <PersonSheet open={open} onOpenChange={setOpen} />}
    </>
  );
}

/** The first letters of a name, where there is no room for it. */
function initials(name: string): string {
  const [first = '', ...rest] = name.split(' ');
  return `${[...first][0] ?? ''}${[...(rest.at(-1) ?? '')][0] ?? ''}`.toUpperCase();
}
