type Props = {
  /** Thickness over sessions, oldest first. */
  points: readonly { at: number; mm: number }[];
  newMm: number;
  limitMm: number;
  className?: string;
};

const WIDTH = 128;
const HEIGHT = 40;
const PAD = 4;

/** A part's thickness since it was fitted, between new above and its limit, the red line, below. */
export function WearTrend({ points, newMm, limitMm, className }: Props) {
  const low = Math.min(limitMm, ...points.map((point) => point.mm));
  const high = Math.max(newMm, ...points.map((point) => point.mm));
  const first = points[0]?.at ?? 0;
  const span = Math.max(1e-9, (points.at(-1)?.at ?? 0) - first);
  const x = (at: number) => PAD + ((at - first) / span) * (WIDTH - 2 * PAD);
  const y = (mm: number) => PAD + ((high - mm) / Math.max(1e-9, high - low)) * (HEIGHT - 2 * PAD);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true" className={className}>
      <path d={`M0 ${y(limitMm)}H${WIDTH}`} className="stroke-stop" strokeDasharray="5 3" />
      <path
        d={`M${points.map(({ at, mm }) => `${x(at).toFixed(1)} ${y(mm).toFixed(1)}`).join('L')}`}
        className="fill-none stroke-ink"
        strokeWidth="2"
      />
      {points.map(({ at, mm }) => (
        <circle key={`${at} ${mm}`} cx={x(at)} cy={y(mm)} r="2.6" className="fill-ink" />
      ))}
    </svg>
  );
}
