'use client';

import { type ReactNode, useEffect, useState } from 'react';
import { Button } from '@/ui/Button';
import { askHealth } from '../../shell/health';
import { useShop } from '../../shell/ShopContext';

const HOUR_MS = 3_600_000;
/** How often it is looked, ms. */
const LOOK_MS = 60_000;

/**
 * A page that a device kept is shown for as long as the shop lets a sign-in last. Where the server can be asked, that one decides, whatever
 * this device's clock says.
 */
export function KeptTooLong({ hours, children }: { hours: number; children: ReactNode }) {
  const { now } = useShop();
  const [tooLong, setTooLong] = useState(false);
  useEffect(() => {
    const look = async () => {
      const isPast = Date.now() > Date.parse(now) + hours * HOUR_MS;
      setTooLong(isPast && (await askHealth()) === undefined);
    };
    void look();
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(timer);
  }, [now, hours]);
  if (!tooLong) return children;
  return (
    <main id="main" className="mx-auto max-w-xl p-4 desk:p-6">
      <h1 className="text-3xl">Kept longer than a sign-in lasts</h1>
      <p className="my-3">
        This device has shown the shop without asking it for as long as the owner allows. What was entered is
        kept, and sent when somebody has signed in again; that wants a network.
      </p>
      <Button look="primary" onClick={() => window.location.reload()}>
        Try again
      </Button>
    </main>
  );
}
