'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CarTaken } from '@/server/cars/file';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import type { Refusal } from '../shell/refusal';
import { request } from '../shell/request';

/** A car that another shop wrote out, with all its history. Where another car has its name, it is asked for one of its own. */
export function CarFromFile() {
  const router = useRouter();
  const [text, setText] = useState('');
  const [as, setAs] = useState('');
  const [busy, setBusy] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const isNameTaken = refusal?.issues?.some(({ path }) => path === 'car.name') ?? false;
  const take = async (file: string, name: string) => {
    setBusy(true);
    const query = name.trim() === '' ? '' : `?${new URLSearchParams({ as: name.trim() })}`;
    const reply = await request<CarTaken>('POST', `/api/cars/file${query}`, file);
    setBusy(false);
    if (reply.ok) return router.push(`/car/${reply.value.id}`);
    setRefusal(reply.refusal);
  };
  return (
    <Opens
      className="mx-auto max-w-3xl px-4 desk:px-6"
      head={<span className="font-semibold">Or from a file that another shop wrote out</span>}
    >
      <div className="grid gap-3 pb-4">
        <label className="grid gap-1">
          <span className="narrow text-small font-semibold">A car’s file</span>
          <input
            type="file"
            accept=".json,application/json"
            disabled={busy}
            className="min-h-11 max-w-md border border-ink bg-card p-2 file:mr-3 file:border-0 file:bg-ink file:px-3 file:py-1 file:font-semibold file:text-sheet"
            onChange={async (event) => {
              const file = event.target.files?.[0];
              if (!file) return;
              const read = await file.text();
              setText(read);
              await take(read, '');
            }}
          />
        </label>
        {refusal && (
          <div role="alert" className="border-l-[6px] border-stop bg-stop-wash p-3">
            <p className="font-semibold text-stop">{refusal.message} Nothing was taken.</p>
            <ul className="list-disc pl-5">
              {refusal.issues?.slice(0, 20).map(({ path, value, accepted }) => (
                <li key={`${path} ${value}`}>
                  {path} is {value}: {accepted}
                </li>
              ))}
            </ul>
          </div>
        )}
        {isNameTaken && (
          <form
            className="flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void take(text, as);
            }}
          >
            <TextField
              label="Its name here"
              value={as}
              maxLength={120}
              onChange={(event) => setAs(event.target.value)}
            />
            <Button type="submit" disabled={busy || as.trim() === ''}>
              Take it in under that name
            </Button>
          </form>
        )}
      </div>
    </Opens>
  );
}
