'use client';

import { CircleHelp, Search } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { type ReactNode, useCallback, useEffect, useState } from 'react';
import { may } from '@/core/base/people/roles';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';
import { SaveLine } from '../queue/SaveLine';
import { later, untilThere } from '../shell/later';
import { useMay, usePerson, useSignedIn } from '../shell/PersonContext';
import { useShortcuts } from '../shell/useShortcuts';
import { DeniedNote } from './people/DeniedNote';
import { KeptTooLong } from './people/KeptTooLong';
import { PersonKey } from './people/PersonKey';
import { useComeBack, useOutboxOf } from './people/useHandOver';
import { StripKey } from './StripKey';
import { ThemeSwitch } from './ThemeSwitch';
import { useUndoKey } from './useUndoKey';
import { WayGuard } from './WayGuard';

// What lies over the page comes after it: the first screen does not wait for it.
const HelpSheet = later(() => import('./HelpSheet').then((module) => module.HelpSheet));

const NewVersion = later(() => import('./NewVersion').then((module) => module.NewVersion));
const offline = () => untilThere(() => import('./offline/startOffline'));
const FindSheet = later(() => import('./find/FindSheet').then((module) => module.FindSheet));

const UndoToast = later(() => import('./UndoToast').then((module) => module.UndoToast));

const PLACES = [
  {
    href: '/',
    label: 'Bay',
    right: 'own',
    at: (path: string) => path === '/' || path.startsWith('/job') || path.startsWith('/car'),
  },
  { href: '/ledger', right: 'read', label: 'Ledger', at: (path: string) => path.startsWith('/ledger') },
  { href: '/shelf', right: 'read', label: 'Shelf', at: (path: string) => path.startsWith('/shelf') },
  { href: '/bench/fluid', right: 'own', label: 'Bench', at: (path: string) => path.startsWith('/bench') },
  { href: '/setup', right: 'read', label: 'Setup', at: (path: string) => path.startsWith('/setup') },
] as const;

/** The strip over every screen: where one is, whether all is saved, and help. */
export function Shell({
  build,
  signedInHours,
  children,
}: {
  build: string;
  signedInHours: number;
  children: ReactNode;
}) {
  const path = usePathname();
  const { role } = usePerson();
  const { id } = useSignedIn();
  const findsAll = useMay('read');
  const [help, setHelp] = useState(false);
  useOutboxOf();
  useComeBack();
  // The page itself comes first.
  useEffect(() => void offline().then(({ startOffline }) => startOffline(id)), [id]);
  const [find, setFind] = useState(false);
  const onFind = useCallback(() => setFind(findsAll), [findsAll]);
  const onHelp = useCallback(() => setHelp(true), []);
  useShortcuts(onHelp, onFind);
  useUndoKey();
  // A page that finds nobody signed in leads to the door without a new frame: there is nothing round it.
  if (path.startsWith('/sign-in')) return children;
  return (
    <WayGuard>
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-3">
        To the content
      </a>
      <header className="blueplate flex min-h-11 flex-wrap items-stretch pl-2 desk:gap-x-1 desk:pl-5 print:hidden">
        <Link
          href="/"
          className="narrow mr-1 hidden sm:flex desk:mr-3 items-center text-lg font-bold text-white focus-visible:outline-[#f2c14e]"
        >
          Bavrin
        </Link>
        <nav aria-label="Places" className="flex">
          {PLACES.filter(({ right }) => may(role, right)).map((place) => (
            <Link
              key={place.href}
              href={place.href}
              aria-current={place.at(path) ? 'page' : undefined}
              className={cn(
                'flex min-h-11 items-center border-b-4 px-1 font-semibold sm:px-3 text-white focus-visible:outline-[#f2c14e]',
                place.at(path) ? 'border-straw' : 'border-transparent',
              )}
            >
              {place.label}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex items-center">
          <PersonKey />
          {findsAll && (
            <StripKey aria-label="Find anything" onClick={onFind}>
              <Search aria-hidden="true" size={21} />
            </StripKey>
          )}
          <ThemeSwitch />
          <StripKey aria-label="Shortcuts and help" onClick={onHelp}>
            <CircleHelp aria-hidden="true" size={21} />
          </StripKey>
        </div>
      </header>
      <NewVersion build={build} />
      <SaveLine />
      <KeptTooLong hours={signedInHours}>{children}</KeptTooLong>
      <UndoToast />
      <DeniedNote />
      {find && <FindSheet open={find} onOpenChange={setFind} />}
      {help && <HelpSheet open={help} onOpenChange={setHelp} />}
    </WayGuard>
  );
}
