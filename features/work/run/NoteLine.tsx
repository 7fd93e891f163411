'use client';

import { useState } from 'react';
import { MOST_NOTE, SHEET_NOTES, type SheetNote } from '@/core/car/ownSheet';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useJob } from '../../record/JobProvider';
import { useKept } from '../../shell/useKept';
import { KeepForm, useKeepWithCar } from './KeepWithCar';
import { Photos } from './stepParts';

/** What this car has of its own here; written down once, at the step, and kept with the car. */
export function NoteLine({ id }: { id: SheetNote }) {
  const { sheet, refresh, closed } = useJob();
  const keepWithCar = useKeepWithCar();
  const known = sheet.car.ownSheet[id];
  const [typing, setTyping] = useState(false);
  const [text, keep, forget] = useKept(`own-sheet.${sheet.car.id}.${id}`, known ?? '');
  const [error, setError] = useState<string>();
  const { label, example } = SHEET_NOTES[id];
  const save = async () => {
    const reply = await keepWithCar({ of: 'sheet', id, saw: known ?? null, value: text.trim() || null });
    if (!reply.ok) return setError(reply.refusal.message);
    forget();
    setTyping(false);
  };
  const photos = sheet.photos.filter((photo) => photo.note === id);
  if (closed && known === undefined && photos.length === 0) return null;
  return (
    <div className={typing ? 'my-1 w-full' : 'my-1'}>
      {!typing && (
        <p className="flex flex-wrap items-center gap-x-3 text-lg">
          <span className="text-soft">{label}</span>
          {known !== undefined && <b className="font-semibold">{known}</b>}
          {!closed && (
            <Button
              look="quiet"
              aria-label={`${known === undefined ? 'Note it for this car' : 'Correct it'}: ${label}`}
              onClick={() => {
                keep(known ?? '');
                setTyping(true);
              }}
            >
              {known === undefined ? 'Note it for this car' : 'Correct it'}
            </Button>
          )}
        </p>
      )}
      {typing && (
        <KeepForm onSave={save} onCancel={() => setTyping(false)}>
          <TextField
            label={label}
            hint={`Such as: ${example}`}
            maxLength={MOST_NOTE}
            value={text}
            error={error}
            onChange={(event) => {
              setError(undefined);
              keep(event.target.value);
            }}
            className="min-w-64 flex-1"
          />
        </KeepForm>
      )}
      {(typing || photos.length > 0) && (
        <Photos
          carId={sheet.car.id}
          jobId={sheet.job.id}
          note={id}
          photos={photos}
          {...(closed ? {} : { onChange: () => void refresh() })}
        />
      )}
    </div>
  );
}
