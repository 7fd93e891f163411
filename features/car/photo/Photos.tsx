'use client';

import { Camera } from 'lucide-react';
import { useState } from 'react';
import type { Corner } from '@/core/car/corner';
import type { SheetNote } from '@/core/car/ownSheet';
import type { PhotoRow } from '@/core/car/photos';
import { Button, buttonClass } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Trouble } from '@/ui/Trouble';
import { waitsBehind } from '../../queue/forms';
import { outbox } from '../../queue/page';
import type { Entry } from '../../queue/write';
import { dropRow } from '../../shell/dropped';
import { later } from '../../shell/later';
import { newId } from '../../shell/newId';
import { useMay } from '../../shell/PersonContext';
import { request } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { jpegOf } from './resize';
import { useUnsentPhotos } from './useUnsentPhotos';

const Sheet = later(() => import('@/ui/Sheet').then((module) => module.Sheet));

type Where = { carId: string; jobId?: string; place?: Corner; note?: SheetNote };

type Props = Where & {
  photos: readonly PhotoRow[];
  /** Told when one was added or dropped; without it they are only looked at. */
  onChange?: () => void;
};

/** Photographs of one place, small, each opened large; one is added from the camera or a file, with a word to it. */
export function Photos({ photos, onChange, ...where }: Props) {
  const shop = useShop();
  const mayWork = useMay('work');
  const [open, setOpen] = useState<PhotoRow>();
  const [trouble, setTrouble] = useState<string>();
  const drop = ({ id, version }: PhotoRow) =>
    dropRow({
      path: `/api/photos/${id}`,
      version,
      label: 'Photograph dropped',
      onChange: (wrong) => {
        setTrouble(wrong);
        setOpen(undefined);
        onChange?.();
      },
    });
  const unsent = useUnsentPhotos(where, photos);
  const title = (photo: PhotoRow) => photo.caption || `Photograph ${photo.place}`.trim();
  return (
    <div className="my-1">
      {photos.length + unsent.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {unsent.map(({ photo, src }) => (
            <li key={photo.id} className="border border-dashed border-ink bg-straw-wash">
              {/* biome-ignore lint/performance/noImgElement: it is on this device already */}
              <img src={src} alt={title(photo)} className="h-28 w-40 object-cover" />
              <span className="block w-40 truncate px-1 text-small">
                {photo.caption || 'Photograph'}, not sent yet
              </span>
            </li>
          ))}
          {photos.map((photo) => (
            <li key={photo.id}>
              <button
                type="button"
                className="block border border-ink bg-card"
                onClick={() => setOpen(photo)}
                aria-label={`Open: ${title(photo)}`}
              >
                {/* biome-ignore lint/performance/noImgElement: it is kept at the size it is looked at */}
                <img
                  src={`/api/photos/${photo.id}`}
                  alt={title(photo)}
                  loading="lazy"
                  className="h-28 w-40 object-cover"
                />
                {photo.caption !== '' && (
                  <span className="block w-40 truncate px-1 text-left text-small">{photo.caption}</span>
                )}
              </button>
            </li>
          ))}
        </ul>
      )}
      <Trouble>{trouble}</Trouble>
      {onChange && mayWork && <AddPhoto {...where} onAdded={onChange} />}
      {open && (
        <Sheet
          title={title(open)}
          about={moment(open.takenAt, shop, new Date(shop.now))}
          open
          onOpenChange={() => setOpen(undefined)}
        >
          {/* biome-ignore lint/performance/noImgElement: likewise */}
          <img
            src={`/api/photos/${open.id}`}
            alt={title(open)}
            className="max-h-[70dvh] w-full object-contain"
          />
          {onChange && mayWork && (
            <Button className="mt-3" onClick={() => void drop(open)}>
              Drop it
            </Button>
          )}
        </Sheet>
      )}
    </div>
  );
}

function AddPhoto({ carId, jobId, place, note, onAdded }: Where & { onAdded: () => void }) {
  const [taken, setTaken] = useState<{ id: string; jpeg: string }>();
  const [caption, setCaption] = useState('');
  const [error, setError] = useState<string>();
  const [busy, setBusy] = useState(false);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      setTaken({ id: newId(), jpeg: await jpegOf(file) });
      setError(undefined);
    } catch {
      setError(`${file.name} is no picture that can be read here: a JPEG, PNG or WebP is`);
    }
  };
  const send = async () => {
    setBusy(true);
    const about = {
      jobId: jobId ?? null,
      place: place ?? '',
      note: note ?? null,
      caption: caption.trim(),
    } as const;
    // Behind a job that waits itself it waits in its turn.
    const entry: Entry = {
      id: taken!.id,
      jobId: jobId ?? '',
      kind: 'photo',
      label: `Photograph: ${about.caption || about.place || 'the car'}`,
      carId,
      body: { ...taken!, ...about },
    };
    const reply = waitsBehind(entry)
      ? undefined
      : await request('POST', `/api/cars/${carId}/photos`, entry.body);
    setBusy(false);
    if (!reply || (!reply.ok && reply.refusal.code === 'unavailable')) outbox.add(entry);
    else if (!reply.ok) return setError(reply.refusal.issues?.[0]?.accepted ?? reply.refusal.message);
    setTaken(undefined);
    setCaption('');
    onAdded();
  };
  return (
    <div className="mt-1">
      {taken ? (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send();
          }}
        >
          {/* biome-ignore lint/performance/noImgElement: it is not on the server yet */}
          <img
            src={`data:image/jpeg;base64,${taken.jpeg}`}
            alt="As it was taken"
            className="h-28 border border-ink"
          />
          <TextField
            label="What it shows"
            maxLength={200}
            value={caption}
            error={error}
            onChange={(event) => setCaption(event.target.value)}
            className="min-w-52 flex-1"
          />
          <Button type="submit" disabled={busy}>
            Keep it
          </Button>
          <Button look="quiet" onClick={() => setTaken(undefined)}>
            Not this one
          </Button>
        </form>
      ) : (
        <>
          {/* The file field lies over its words: one target, large enough, with the focus its own. */}
          <label className={`${buttonClass('quiet')} relative min-h-12 has-focus-visible:outline-2`}>
            <Camera aria-hidden="true" size={20} /> Photograph{place ? ` ${place}` : ''}
            <input
              type="file"
              accept="image/*"
              capture="environment"
              className="absolute inset-0 size-full cursor-pointer opacity-0"
              onChange={(event) => {
                void take(event.target.files?.[0]);
                event.target.value = '';
              }}
            />
          </label>
          <Trouble>{error}</Trouble>
        </>
      )}
    </div>
  );
}
