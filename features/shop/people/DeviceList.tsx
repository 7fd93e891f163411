'use client';

import { useState } from 'react';
import type { DeviceRow } from '@/server/people/devices';
import { Button } from '@/ui/Button';
import { moment } from '@/ui/format';
import { Trouble } from '@/ui/Trouble';
import { request } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { useRefresh } from '../../shell/useRefresh';

/** The shop's own devices; one that was lost is ended here, and everybody on it is out. */
export function DeviceList({ devices }: { devices: DeviceRow[] }) {
  const shop = useShop();
  const refreshPage = useRefresh();
  const [trouble, setTrouble] = useState<string>();
  const now = new Date(shop.now);
  const end = async (id: string) => {
    const reply = await request('PATCH', `/api/devices/${id}`, { ended: true });
    setTrouble(reply.ok ? undefined : reply.refusal.message);
    refreshPage();
  };
  return (
    <section aria-labelledby="devices">
      <h2 id="devices" className="mt-6 border-t-2 border-ink pt-1 text-xl">
        Devices of the shop
      </h2>
      {devices.length === 0 && (
        <p className="text-soft">
          None yet. Whoever signs in with a password can say that the device stays in the shop; from then on a
          PIN does on it.
        </p>
      )}
      <ul>
        {devices.map(({ id, name, enrolledBy, enrolledAt, seenAt, people }) => (
          <li key={id} className="flex min-h-11 flex-wrap items-center gap-x-4 border-b border-soft py-1">
            <span className="min-w-40 text-lg font-bold">{name}</span>
            <span className="min-w-0 flex-1 text-small text-soft">
              Since {moment(enrolledAt, shop, now)}
              {enrolledBy && `, by ${enrolledBy}`}. Last used {moment(seenAt, shop, now)}.{' '}
              {people.length > 0 && `Signed in: ${people.join(', ')}.`}
            </span>
            <Button look="stop" aria-label={`End ${name}`} onClick={() => void end(id)}>
              End it
            </Button>
          </li>
        ))}
      </ul>
      <Trouble>{trouble}</Trouble>
    </section>
  );
}
