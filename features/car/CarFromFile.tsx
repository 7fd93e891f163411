'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CarTaken } from '@/server/cars/file';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { Opens } from '@/ui/Opens';
import { RefusalBox } from '../shell/RefusalBox';
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
      className="mx-auto max-w-5xl px-5"
      head={<span className="font-semibold">Or from a file that another shop wrote out</span>}
    >
      <div className="grid gap-3 pb-4">
        <FileField
          label="A car’s file"
          accept=".json,application/json"
          disabled={busy}
          onFile={async (file) => {
            const read = await file.text();
            setText(read);
            await take(read, '');
          }}
        />
        {refusal && <RefusalBox refusal={refusal} />}
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
