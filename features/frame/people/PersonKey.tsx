'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { usePerson } from '../../shell/PersonContext';

const PersonSheet = dynamic(() => import('./PersonSheet').then((module) => module.PersonSheet), {
  ssr: false,
});

/** Who is at the car, on every screen: what is entered stands under this name. */
export function PersonKey() {
  const { name } = usePerson();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        aria-label={`${name} is signed in`}
        className="flex min-h-11 max-w-11 items-center px-1 font-semibold text-white focus-visible:outline-[#f2c14e] sm:max-w-44 sm:px-2"
      >
        <span
          aria-hidden="true"
          className="reading flex size-8 items-center justify-center border border-white/60 text-small sm:hidden"
        >
          {initials(name)}
        </span>
        <span className="hidden truncate sm:inline">{name}</span>
      </button>
      {open && <PersonSheet open={open} onOpenChange={setOpen} />}
    </>
  );
}

/** The first letters of a name, where there is no room for it. */
function initials(name: string): string {
  const [first = '', ...rest] = name.split(' ');
  return `${[...first][0] ?? ''}${[...(rest.at(-1) ?? '')][0] ?? ''}`.toUpperCase();
}
