'use client';

import type { BeforeFigure } from '@/core/job/beforeFigures';
import type { FigureSlot } from '@/core/planning/run/rows';
import { TextField } from '@/ui/Field';

type BeforeProps = {
  figures: BeforeFigure[];
  measuredBy: FigureSlot | null;
  before: string;
  words: (slot: FigureSlot) => string;
  onChange: (changes: { measuredBy: FigureSlot | null; before: string }) => void;
};

/** The figure before: one of those on the sheet by a press, or typed. */
export function BeforeField({ figures, measuredBy, before, words, onChange }: BeforeProps) {
  const pressed = JSON.stringify(measuredBy);
  return (
    <div>
      {figures.length > 1 && (
        <fieldset className="mb-1 flex flex-wrap gap-2" aria-label="Measured by">
          {figures.map(({ slot }) => (
            <button
              key={JSON.stringify(slot)}
              type="button"
              aria-pressed={JSON.stringify(slot) === pressed}
              onClick={() => onChange({ measuredBy: slot, before: '' })}
              className="min-h-11 border border-ink bg-card px-3 text-left text-small hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
            >
              {words(slot)}
            </button>
          ))}
        </fieldset>
      )}
      <TextField
        label="Figure before"
        hint={
          before === ''
            ? 'None on the sheet yet: without one nobody will know what cured it'
            : 'What proof will be held against'
        }
        maxLength={400}
        value={before}
        onChange={(event) => onChange({ measuredBy, before: event.target.value })}
      />
    </div>
  );
}
