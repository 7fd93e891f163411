'use client';

type Props = { remainingMl: number; sizeMl: number; onChange: (remainingMl: number) => void };

/** What is left in an opened bottle, on its own scale; moved with a finger or the arrow keys. */
export function BottleLevel({ remainingMl, sizeMl, onChange }: Props) {
  return (
    <label className="reading flex items-center gap-3">
      <span className="sr-only">Left in the bottle</span>
      <input
        type="range"
        min={0}
        max={sizeMl}
        step={10}
        defaultValue={remainingMl}
        key={remainingMl}
        onPointerUp={(event) => onChange(Number(event.currentTarget.value))}
        onKeyUp={(event) => onChange(Number(event.currentTarget.value))}
        className="h-11 w-40 accent-(--straw)"
      />
      <span className="min-w-32 text-right">
        {Math.round(remainingMl)} of {Math.round(sizeMl)} ml
      </span>
    </label>
  );
}
