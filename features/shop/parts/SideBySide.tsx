'use client';

import { useState } from 'react';
import type { PartRecord } from '@/core/planning/lives/partLives';
import { PART_KINDS, type PartKind } from '@/core/planning/shelf/parts';
import { Choice } from '@/ui/Choice';
import { later } from '../../shell/later';

const LivesChart = later(() => import('./LivesChart').then((module) => module.LivesChart), {
  loading: () => <div className="h-72" />,
});

/** Curves that one chart holds apart. */
const MOST = 5;

/** Parts of one kind beside each other: which compound, which rotor, lasts. */
export function SideBySide({ records }: { records: readonly PartRecord[] }) {
  const kinds = [...new Set(records.map(({ kind }) => kind))].filter(
    (kind) => records.filter((record) => record.kind === kind).length > 1,
  );
  const [chosen, setChosen] = useState<PartKind | undefined>(kinds[0]);
  if (!chosen || !kinds.includes(chosen)) return null;
  return (
    <section aria-labelledby="side-by-side" className="mb-5">
      <h2 id="side-by-side" className="mb-2 border-b-2 border-ink text-xl">
        Side by side
      </h2>
      <Choice
        label="Side by side"
        value={chosen}
        onChange={(kind) => kind !== '' && setChosen(kind as PartKind)}
        options={kinds.map((kind) => ({ value: kind, label: PART_KINDS[kind] }))}
      />
      <LivesChart records={records.filter(({ kind }) => kind === chosen).slice(0, MOST)} />
    </section>
  );
}
