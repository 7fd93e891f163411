type Props = {
  /** Readings round the disc, mm; null where nobody has read yet. */
  readings: readonly (number | null)[];
  /** The fitted wobble: peak to peak, mm, and its high side, degrees. */
  wobble?: { peakToPeakMm: number; highAngleDeg: number | null };
  limitMm: number;
  /** Studs of the wheel, station 1 at stud 1; and a station that stands apart from the others. */
  studs?: number;
  outlier?: number;
  className?: string;
};

const CENTRE = 170;
const ZERO = 104;
/** Drawing units the limit takes; the scale follows what is read, so that a large runout stays on the sheet. */
const LIMIT_AT = 18;
const MOST = 44;

/** Runout as the dial saw it round the disc: the trace grows station by station over its fitted wobble and the limit. */
export function PolarTrace({ readings, wobble, limitMm, studs = 0, outlier, className }: Props) {
  const known = readings.filter((reading): reading is number => reading !== null);
  const mean = known.length === 0 ? 0 : (Math.max(...known) + Math.min(...known)) / 2;
  const half = known.length === 0 ? 0 : (Math.max(...known) - Math.min(...known)) / 2;
  const scale = Math.min(LIMIT_AT / (limitMm / 2), half > 0 ? MOST / half : Number.POSITIVE_INFINITY);
  const at = (station: number, mm: number) =>
    point((360 * station) / readings.length, ZERO + (mm - mean) * scale);
  const drawn = readings.flatMap((reading, station) =>
    reading === null ? [] : [{ station, ...at(station, reading) }],
  );
  const closed = drawn.length === readings.length;
  return (
    <svg viewBox="0 0 340 340" aria-hidden="true" className={className}>
      <circle cx={CENTRE} cy={CENTRE} r={52} className="fill-none stroke-rule" />
      {Array.from({ length: studs }, (_, stud) => (
        <Stud key={stud} stud={stud} angle={(360 * stud) / studs} />
      ))}
      <circle cx={CENTRE} cy={CENTRE} r={ZERO} className="fill-none stroke-rule" />
      {[-1, 1].map((side) => (
        <circle
          key={side}
          cx={CENTRE}
          cy={CENTRE}
          r={ZERO + (side * limitMm * scale) / 2}
          className="fill-none stroke-stop"
          strokeDasharray="6 4"
          strokeWidth="1.5"
        />
      ))}
      {readings.map((_, station) => {
        const inner = point((360 * station) / readings.length, 58);
        const outer = point((360 * station) / readings.length, 150);
        const label = point((360 * station) / readings.length, 161);
        return (
          <g key={station}>
            <path d={`M${inner.x} ${inner.y}L${outer.x} ${outer.y}`} className="stroke-rule" />
            <text
              x={label.x}
              y={label.y + 5}
              textAnchor="middle"
              className="reading fill-soft text-[0.875rem]"
            >
              {station + 1}
            </text>
          </g>
        );
      })}
      {wobble && wobble.highAngleDeg !== null && (
        <>
          <path
            d={wobblePath(wobble.peakToPeakMm, wobble.highAngleDeg, scale)}
            className="fill-blue/10 stroke-blue"
            strokeWidth="1.5"
          />
          <HighSide angle={wobble.highAngleDeg} />
        </>
      )}
      {drawn.length > 1 && (
        <path
          d={`M${drawn.map(({ x, y }) => `${x} ${y}`).join('L')}${closed ? 'Z' : ''}`}
          className="fill-none stroke-ink"
          strokeWidth="2.4"
          strokeLinejoin="round"
        />
      )}
      {drawn.map(({ station, x, y }) => (
        <circle
          key={station}
          cx={x}
          cy={y}
          r={station === outlier ? 8 : 4.5}
          className={station === outlier ? 'fill-straw stroke-ink' : 'fill-card stroke-ink'}
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}

function Stud({ stud, angle }: { stud: number; angle: number }) {
  const { x, y } = point(angle, 34);
  return (
    <>
      <circle cx={x} cy={y} r="9" className="fill-none stroke-soft" />
      <text x={x} y={y + 4.5} textAnchor="middle" className="reading fill-soft text-small">
        {stud + 1}
      </text>
    </>
  );
}

function HighSide({ angle }: { angle: number }) {
  const from = point(angle, 60);
  const to = point(angle, 92);
  return <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} className="stroke-bronze" strokeWidth="4" />;
}

function wobblePath(peakToPeakMm: number, highAngleDeg: number, scale: number): string {
  const points = Array.from({ length: 72 }, (_, step) => {
    const angle = step * 5;
    return point(
      angle,
      ZERO + (peakToPeakMm / 2) * scale * Math.cos(((angle - highAngleDeg) * Math.PI) / 180),
    );
  });
  return `M${points.map(({ x, y }) => `${x} ${y}`).join('L')}Z`;
}

/** Station 1 stands on top, the rest follow clockwise. */
function point(angleDeg: number, radius: number): { x: number; y: number } {
  const angle = ((angleDeg - 90) * Math.PI) / 180;
  return {
    x: Number((CENTRE + radius * Math.cos(angle)).toFixed(2)),
    y: Number((CENTRE + radius * Math.sin(angle)).toFixed(2)),
  };
}
