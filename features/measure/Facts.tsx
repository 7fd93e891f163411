import { cn } from '@/ui/cn';

export type Fact = { label: string; value: string; say: string; from?: string; bad?: boolean };

/** Figures side by side: what it is, how it stands against its limit, and whose limit that is. */
export function Facts({
  facts,
  unit,
  narrow = false,
}: {
  facts: readonly Fact[];
  unit: string;
  narrow?: boolean;
}) {
  return (
    <dl
      aria-live="polite"
      className={cn('grid grid-cols-2 border-t-2 border-ink', !narrow && 'sm:grid-cols-3 xl:grid-cols-5')}
    >
      {facts.map((fact) => (
        <div key={fact.label} className="py-1.5 pr-3">
          <dt className="text-small text-soft">{fact.label}</dt>
          <dd className="reading text-2xl font-semibold">
            {fact.value} <span className="text-base font-normal text-soft">{unit}</span>
          </dd>
          <dd
            className={cn(
              'text-small font-semibold',
              fact.bad === undefined ? 'text-ink' : fact.bad ? 'text-stop' : 'text-go',
            )}
          >
            {fact.say}
          </dd>
          {fact.from && <dd className="text-small text-soft">{fact.from}</dd>}
        </div>
      ))}
    </dl>
  );
}
