'use client';

import { usePathname } from 'next/navigation';
import { type MouseEvent, useState } from 'react';
import { ROLE_WORDS } from '@/core/base/people/roles';
import { Button, buttonClass } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { askHealth } from '../../shell/health';
import { usePerson } from '../../shell/PersonContext';
import { flipTheme } from '../ThemeSwitch';
import { enter, leave } from './enter';
import { HandOver } from './HandOver';
import { OwnSecrets } from './OwnSecrets';

/** What a browser gives to no page on a plain address, said before somebody looks for it. */
function PlainAddress() {
  if (typeof window === 'undefined' || window.isSecureContext) return null;
  return (
    <p className="mt-4 border-l-[6px] border-straw bg-straw-wash p-3">
      This address is a plain one: without a network nothing opens here, and gauges on a cable and the phone’s
      own feel for slowdowns are not to be had. The shop’s owner starts it with --https; <b>Setup, A phone</b>{' '}
      shows the rest.
    </p>
  );
}

/** Who is signed in here, how somebody else takes over, and how one leaves. */
export function PersonSheet({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const path = usePathname();
  const [withoutNetwork, setWithoutNetwork] = useState(false);
  const { id, name, role, device } = usePerson();
  const { label, may } = ROLE_WORDS[role];
  const door = `/sign-in?to=${encodeURIComponent(path)}`;
  const onHandOver = async (press: MouseEvent) => {
    press.preventDefault();
    // The door is the server's; where it cannot be asked, this device opens to whom it knows.
    if (navigator.onLine && (await askHealth())) window.location.assign(door);
    else setWithoutNetwork(true);
  };
  if (withoutNetwork)
    return (
      <Sheet title="Who is at the car?" open={open} onOpenChange={onOpenChange}>
        <HandOver onDone={() => onOpenChange(false)} />
      </Sheet>
    );
  return (
    <Sheet
      title={name}
      about={`${label}: ${may}. ${device ? `On the shop’s device ${device}.` : 'This device is not one of the shop’s.'}`}
      open={open}
      onOpenChange={onOpenChange}
    >
      <div className="flex flex-wrap gap-3">
        <a href={door} onClick={onHandOver} className={buttonClass('primary')}>
          Somebody else is at the car
        </a>
        <Button className="sm:hidden" onClick={flipTheme}>
          Light or dark
        </Button>
        <Button onClick={() => void leave()}>Sign out</Button>
        <Button look="quiet" onClick={() => void enter(`/api/people/${id}/sign-out`, {}, '/sign-in')}>
          Sign out on every device
        </Button>
      </div>
      <PlainAddress />
      <OwnSecrets />
    </Sheet>
  );
}
