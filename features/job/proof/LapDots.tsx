/** Laps before and after a change as marks on one scale, each side's mean a line. */
export function LapDots({ before, after }: { before: readonly number[]; after: readonly number[] }) {
  const all = [...before, ...after];
  const low = Math.min(...all);
  const span = Math.max(...all) - low || 1;
  const x = (value: number) => 4 + (292 * (value - low)) / span;
  const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;
  return (
    <svg
      viewBox="0 0 300 44"
      className="my-1 h-11 w-full max-w-md"
      role="img"
      aria-label="Laps before over laps after"
    >
      {[before, after].map((values, row) => (
        <g
          key={row === 0 ? 'before' : 'after'}
          transform={`translate(0 ${row * 22})`}
          className={row === 0 ? 'text-soft' : 'text-ink'}
        >
          <line x1="0" x2="300" y1="18" y2="18" stroke="currentColor" strokeWidth="0.75" />
          {values.map((value, lap) => (
            <line
              key={lap}
              x1={x(value)}
              x2={x(value)}
              y1="8"
              y2="18"
              stroke="currentColor"
              strokeWidth="2"
            />
          ))}
          <path d={`M${x(mean(values))} 18 l-4 -16 h8 z`} fill="currentColor" opacity="0.85" />
        </g>
      ))}
    </svg>
  );
}
