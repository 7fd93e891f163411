const ROWS = ['Before', 'After'] as const;

/** Laps before and after a change as marks on one scale, each side's mean a pointer over them. */
export function LapDots({ before, after }: { before: readonly number[]; after: readonly number[] }) {
  const all = [...before, ...after];
  const low = Math.min(...all);
  const span = Math.max(...all) - low || 1;
  const x = (value: number) => 6 + (288 * (value - low)) / span;
  const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;
  return (
    <div
      className="my-1 grid max-w-md grid-cols-[4rem_1fr] items-end gap-x-2"
      role="img"
      aria-label="Laps before over laps after"
    >
      {[before, after].map((values, row) => (
        <div key={ROWS[row]} className="contents">
          <span className="narrow text-small">{ROWS[row]}</span>
          <svg viewBox="0 0 300 22" className={row === 0 ? 'text-soft' : 'text-ink'} aria-hidden="true">
            <line x1="0" x2="300" y1="20" y2="20" stroke="currentColor" strokeWidth="0.75" />
            {values.map((value, lap) => (
              <line
                key={lap}
                x1={x(value)}
                x2={x(value)}
                y1="10"
                y2="20"
                stroke="currentColor"
                strokeWidth="2"
              />
            ))}
            <path d={`M${x(mean(values))} 18 l-4 -15 h8 z`} fill="currentColor" opacity="0.8" />
          </svg>
        </div>
      ))}
    </div>
  );
}
