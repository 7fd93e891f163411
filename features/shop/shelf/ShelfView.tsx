'use client';

import { useState } from 'react';
import { limitFor } from '@/core/car/limits/catalogue';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { bottleRefused } from '@/core/planning/shelf/shelf';
import type { ShelfRow } from '@/server/shelf/queries';
import { Button, buttonClass } from '@/ui/Button';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { type SentForm, sendForm } from '../../queue/forms';
import { KeptForms, useKeptForms } from '../../queue/KeptForms';
import { newId } from '../../shell/newId';
import { type Reply, request } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { undo } from '../../shell/undo';
import { useRefresh } from '../../shell/useRefresh';
import { useUnits } from '../../shell/useUnits';
import { BottleLevel } from './BottleLevel';
import { LotForm } from './LotForm';

/** What stands on the shelf: bottles sealed and opened, pads, rotors, hoses. */
export function ShelfView({ shelf }: { shelf: ShelfRow[] }) {
  const shop = useShop();
  const refreshPage = useRefresh();
  const [error, setError] = useState<string>();
  const fresh = limitFor('bottleDays', shop.limits);
  const kinds = [...new Set(shelf.map((item) => item.kind))];
  // A lot whose bottle was opened without a network.
  const opening = useKeptForms('/api/shelf').map(({ path }) => path);
  const send = async (reply: Promise<Reply<unknown> | SentForm>) => {
    const answer = await reply;
    setError(answer.ok ? undefined : answer.refusal.message);
    refreshPage();
  };
  const takeOff = async (item: ShelfRow) => {
    await change(item, { dropped: true });
    undo.offer(`Off the shelf: ${item.what} ${item.batch}`.trim(), () =>
      change({ ...item, version: item.version + 1 }, {}),
    );
  };
  const change = (item: ShelfRow, changes: { quantity?: number; remainingMl?: number; dropped?: boolean }) =>
    send(
      request('PATCH', `/api/shelf/${item.id}`, {
        quantity: item.quantity,
        remainingMl: item.remainingMl,
        dropped: false,
        ...changes,
        version: item.version,
      }),
    );
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="flex items-start justify-between gap-3">
        <h1 className="text-3xl">Shelf</h1>
        <Link href="/labels" className={buttonClass('quiet')}>
          Labels
        </Link>
      </div>
      <p className="mb-4 text-soft">
        An opened bottle is fresh for {fresh.value} days ({SOURCE_WORDS[fresh.from]}); after that no plan
        takes it for the track.
      </p>
      {error && (
        <p role="alert" className="mb-3 border-l-[6px] border-stop bg-stop-wash p-3 font-semibold text-stop">
          {error}
        </p>
      )}
      <KeptForms under="/api/shelf" />
      {kinds.map((kind) => (
        <Kind
          key={kind}
          kind={kind}
          items={shelf.filter((item) => item.kind === kind)}
          freshDays={fresh.value}
          onChange={change}
          onTakeOff={takeOff}
          onOpen={(item) => send(openOne(item))}
          opening={opening}
        />
      ))}
      {shelf.length === 0 && <p>Nothing on the shelf yet.</p>}
      <LotForm />
    </main>
  );
}

const openPath = ({ id }: ShelfRow) => `/api/shelf/${id}/open`;

const openOne = (item: ShelfRow) =>
  sendForm({
    path: openPath(item),
    id: newId(),
    content: { openedAt: new Date().toISOString() },
    label: () => `A bottle opened: ${item.what} ${item.batch}`.trim(),
  });

type KindProps = {
  kind: PartKind;
  items: ShelfRow[];
  freshDays: number;
  onChange: (item: ShelfRow, changes: { quantity?: number; remainingMl?: number; dropped?: boolean }) => void;
  onOpen: (item: ShelfRow) => void;
  opening: readonly string[];
  onTakeOff: (item: ShelfRow) => Promise<void>;
};

function Kind({ kind, items, freshDays, onChange, onOpen, opening, onTakeOff }: KindProps) {
  const shop = useShop();
  const units = useUnits();
  const now = new Date(shop.now);
  return (
    <section aria-label={PART_KINDS[kind]} className="mb-5">
      <h2 className="border-b-2 border-ink text-xl">{PART_KINDS[kind]}</h2>
      <ul>
        {items.map((item) => {
          const refused = bottleRefused(item, null, freshDays, now);
          return (
            <li
              key={item.id}
              id={`lot-${item.id}`}
              className="flex scroll-mt-4 flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 target:bg-straw-wash"
            >
              <span className="min-w-0 flex-1 basis-60">
                <b className="font-semibold">{item.what}</b>{' '}
                <span className="reading text-soft">{item.batch}</span>
                {item.dryC !== null && (
                  <span className="block text-small text-soft">
                    {units.full(item.dryC, '°C', 0)} dry, {units.full(item.wetC, '°C', 0)} wet
                    {item.colour !== '' && ` · ${item.colour}`}
                  </span>
                )}
                {item.openedAt && (
                  <span className={refused ? 'block font-semibold text-stop' : 'block text-go'}>
                    opened {moment(item.openedAt, shop, now)}
                    {refused ? ': not for the track any more' : ', fresh'}
                  </span>
                )}
              </span>
              {item.openedAt ? (
                <BottleLevel
                  remainingMl={item.remainingMl!}
                  sizeMl={item.sizeMl!}
                  onChange={(remainingMl) => onChange(item, { remainingMl })}
                />
              ) : (
                <span className="reading text-xl font-semibold">
                  {item.quantity}
                  {item.sizeMl !== null && (
                    <span className="text-base font-medium text-soft">
                      {' '}
                      × {Math.round(item.sizeMl)} ml, sealed
                    </span>
                  )}
                </span>
              )}
              <span className="flex flex-wrap">
                {item.kind === 'fluid' && (
                  <Link
                    href={`/labels?pick=bottle:${item.id}`}
                    aria-label={`Label for ${item.what} ${item.batch}`.trim()}
                    className={buttonClass('quiet')}
                  >
                    Label
                  </Link>
                )}
                {item.kind === 'fluid' && !item.openedAt && (
                  <Button disabled={opening.includes(openPath(item))} onClick={() => onOpen(item)}>
                    Open one
                  </Button>
                )}
                {!item.openedAt && (
                  <>
                    <Button
                      look="quiet"
                      aria-label={`− 1 ${item.what}`}
                      onClick={() => onChange(item, { quantity: item.quantity - 1 })}
                    >
                      − 1
                    </Button>
                    <Button
                      look="quiet"
                      aria-label={`+ 1 ${item.what}`}
                      onClick={() => onChange(item, { quantity: item.quantity + 1 })}
                    >
                      + 1
                    </Button>
                  </>
                )}
                <Button
                  look="quiet"
                  aria-label={`Take off ${item.what} ${item.batch}`}
                  onClick={() => void onTakeOff(item)}
                >
                  Take off
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
