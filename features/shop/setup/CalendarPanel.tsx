'use client';

import { useState } from 'react';
import type { CalendarFeed } from '@/server/calendar/feed';
import { Button, buttonClass } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { shortDate } from '@/ui/format';
import { Trouble } from '@/ui/Trouble';
import { newId } from '../../shell/newId';
import { request } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { useRefresh } from '../../shell/useRefresh';

/** What is due in any calendar program: a private address that can be ended, or a file. */
export function CalendarPanel({ feed }: { feed: CalendarFeed | null }) {
  const refreshPage = useRefresh();
  const shop = useShop();
  const [address, setAddress] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const [copied, setCopied] = useState(false);
  const make = async () => {
    const token = newToken();
    const reply = await request<CalendarFeed>('POST', '/api/calendar', { id: newId(), token });
    setTrouble(reply.ok ? undefined : reply.refusal.message);
    if (reply.ok) setAddress(`${window.location.origin}/calendar/${token}.ics`);
    setCopied(false);
    refreshPage();
  };
  const end = async ({ id, version }: CalendarFeed) => {
    const reply = await request('PATCH', `/api/calendar/${id}`, { version });
    setTrouble(reply.ok ? undefined : reply.refusal.message);
    if (reply.ok) setAddress(undefined);
    refreshPage();
  };
  const copy = async () => {
    await navigator.clipboard?.writeText(address!);
    setCopied(navigator.clipboard !== undefined);
  };
  return (
    <section aria-labelledby="calendar" className="mx-auto max-w-4xl px-5 pb-8">
      <h2 id="calendar" className="border-t-2 border-ink pt-1 text-xl">
        Calendar
      </h2>
      <p className="text-soft">
        What falls due, and days on track, in any calendar program. Whoever has the address reads it, without
        signing in: end it when it got about, and make another.
      </p>
      {address ? (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <TextField
            label="The address, shown this once"
            value={address}
            readOnly
            onFocus={(event) => event.target.select()}
            className="w-full max-w-xl"
          />
          <Button onClick={() => void copy()}>{copied ? 'Copied' : 'Copy'}</Button>
        </div>
      ) : (
        feed && <p className="mt-2">An address is good since {shortDate(feed.madeAt, shop)}.</p>
      )}
      <Trouble>{trouble}</Trouble>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={() => void make()}>{feed ? 'Make another, end this one' : 'Make an address'}</Button>
        {feed && (
          <Button look="quiet" onClick={() => void end(feed)}>
            End it
          </Button>
        )}
        <a href="/api/calendar" download className={buttonClass('quiet')}>
          As a file
        </a>
      </div>
    </section>
  );
}

/** 32 random bytes in letters that an address takes. */
function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(32));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
}
