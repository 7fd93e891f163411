type Props = {
  /** Thickness over sessions, oldest first. */
  points: readonly { at: number; mm: number }[];
  newMm: number;
  limitMm: number;
  /** Sessions from the last reading to the limit: as it is expected, and between which it falls 80 % of the time. */
  life?: { sessions: number; low: number; high: number };
  className?: string;
};

/** Further ahead than so many times what was run nothing is drawn. */
const AHEAD = 3;

const WIDTH = 128;
const HEIGHT = 40;
const PAD = 4;

/**
 * A part's thickness since it was fitted, between new above and its limit, the red line, below; and the fan of its forecast from
 * the last reading to that line.
 */
export function WearTrend({ points, newMm, limitMm, life, className }: Props) {
  const low = Math.min(limitMm, ...points.map((point) => point.mm));
  const high = Math.max(newMm, ...points.map((point) => point.mm));
  const first = points[0]?.at ?? 0;
  const last = points.at(-1);
  const run = Math.max(1e-9, (last?.at ?? 0) - first);
  const most = life && last && last.mm > limitMm ? Math.min(life.high, AHEAD * run) : 0;
  const span = run + most;
  const x = (at: number) => PAD + ((at - first) / span) * (WIDTH - 2 * PAD);
  const y = (mm: number) => PAD + ((high - mm) / Math.max(1e-9, high - low)) * (HEIGHT - 2 * PAD);
  // A ray that would meet the limit beyond the picture is cut at its edge.
  const end = (sessions: number) => {
    const share = Math.min(1, most / sessions);
    return `${x(last!.at + sessions * share).toFixed(1)} ${y(last!.mm - (last!.mm - limitMm) * share).toFixed(1)}`;
  };
  const from = () => `M${x(last!.at).toFixed(1)} ${y(last!.mm).toFixed(1)}`;
  const ahead = (sessions: number) => `${from()}L${end(sessions)}`;
  const corner = `L${x((last?.at ?? 0) + most).toFixed(1)} ${y(limitMm).toFixed(1)}`;
  const fan = (low: number, high: number) =>
    `${from()}L${end(low)}${high > most && low < most ? corner : ''}L${end(high)}Z`;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true" className={className}>
      <path d={`M0 ${y(limitMm)}H${WIDTH}`} className="stroke-stop" strokeDasharray="5 3" />
      {most > 0 && (
        <path d={fan(life!.low, life!.high)} className="fill-straw-wash stroke-straw" strokeWidth="1" />
      )}
      {most > 0 && <path d={ahead(life!.sessions)} className="fill-none stroke-ink" strokeDasharray="3 2" />}
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
