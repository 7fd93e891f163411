import { cn } from '@/ui/cn';

export type ListedFigure = { label: string; value: string; say: string; bad?: boolean };

/** What a bench comes to: each figure large, with what it is held against and who says so. */
export function FigureList({ items }: { items: readonly ListedFigure[] }) {
  return (
    <dl className="grid grid-cols-2 border-t-2 border-ink xl:grid-cols-4" aria-live="polite">
      {items.map(({ label, value, say, bad }) => (
        <div key={label} className="py-2 pr-4">
          <dt className="text-small text-soft">{label}</dt>
          <dd className="reading text-3xl font-semibold">{value}</dd>
          <dd className={cn('text-small font-semibold', bad ? 'text-stop' : 'text-soft')}>{say}</dd>
        </div>
      ))}
    </dl>
  );
}
