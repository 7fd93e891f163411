import { SHEET_NOTE_IDS, SHEET_NOTES } from '@/core/car/ownSheet';
import type { CarSpec } from '@/core/car/spec';

/** What the car has of its own at the work, where somebody noted it. */
export function OwnSheet({ car: { ownSheet } }: { car: CarSpec }) {
  const noted = SHEET_NOTE_IDS.filter((id) => ownSheet[id] !== undefined);
  if (noted.length === 0) return null;
  return (
    <section aria-labelledby="own-sheet">
      <h2 id="own-sheet" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Its own sheet
      </h2>
      <dl>
        {noted.map((id) => (
          <div key={id} className="flex justify-between gap-3 border-b border-rule py-1.5">
            <dt className="text-soft">{SHEET_NOTES[id].label}</dt>
            <dd className="text-right font-semibold">{ownSheet[id]}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
