'use client';

import { usePathname } from 'next/navigation';
import { ROLE_WORDS } from '@/core/base/people/roles';
import { Button, buttonClass } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { usePerson } from '../../shell/PersonContext';
import { flipTheme } from '../ThemeSwitch';
import { enter, leave } from './enter';
import { OwnSecrets } from './OwnSecrets';

/** Who is signed in here, how somebody else takes over, and how one leaves. */
export function PersonSheet({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const path = usePathname();
  const { id, name, role, device } = usePerson();
  const { label, may } = ROLE_WORDS[role];
  return (
    <Sheet
      title={name}
      about={`${label}: ${may}. ${device ? `On the shop’s device ${device}.` : 'This device is not one of the shop’s.'}`}
      open={open}
      onOpenChange={onOpenChange}
    >
      <div className="flex flex-wrap gap-3">
        <a href={`/sign-in?to=${encodeURIComponent(path)}`} className={buttonClass('primary')}>
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
      <OwnSecrets />
    </Sheet>
  );
}
