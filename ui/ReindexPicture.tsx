import { cn } from './cn';

type Props = {
  studs: number;
  /** Studs to turn the rotor on by, and what the dial would read at each. */
  best: number;
  positions: readonly { k: number; peakToPeakMm: number }[];
  limitMm: number;
  show: (mm: number) => string;
  className?: string;
};

const CENTRE = 160;
const STUD_AT = 62;
const BAR_FROM = 86;
const BAR_MOST = 52;

/** Hub and studs from the wheel's side: a bar at each stud for what the dial would read with the rotor's mark turned there. */
export function ReindexPicture({ studs, best, positions, limitMm, show, className }: Props) {
  const most = Math.max(limitMm, ...positions.map((position) => position.peakToPeakMm));
  const scale = BAR_MOST / most;
  return (
    <svg viewBox="0 0 320 320" aria-hidden="true" className={className}>
      <circle cx={CENTRE} cy={CENTRE} r="84" className="fill-none stroke-ink" strokeWidth="2" />
      <circle cx={CENTRE} cy={CENTRE} r="26" className="fill-none stroke-rule" strokeWidth="2" />
      <circle
        cx={CENTRE}
        cy={CENTRE}
        r={BAR_FROM + limitMm * scale}
        className="fill-none stroke-stop"
        strokeDasharray="6 4"
      />
      {positions.map(({ k, peakToPeakMm }) => {
        const angle = (360 * k) / studs;
        const stud = at(angle, STUD_AT);
        const from = at(angle, BAR_FROM);
        const to = at(angle, BAR_FROM + peakToPeakMm * scale);
        const inside = peakToPeakMm <= limitMm;
        return (
          <g key={k}>
            <circle
              cx={stud.x}
              cy={stud.y}
              r="14"
              className={cn('stroke-ink', k === best ? 'fill-straw' : 'fill-card')}
              strokeWidth="2"
            />
            <text
              x={stud.x}
              y={stud.y + 5}
              textAnchor="middle"
              className={cn('reading text-small', k === best ? 'fill-[#17202a]' : 'fill-ink')}
            >
              {k + 1}
            </text>
            <path
              d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
              strokeWidth={k === best ? 13 : 8}
              className={inside ? 'stroke-go' : 'stroke-bronze'}
            />
          </g>
        );
      })}
      {best !== 0 && <Turn toDeg={(360 * best) / studs} />}
      <text x={CENTRE} y={314} textAnchor="middle" className="reading fill-soft text-small">
        {show(positions[best]!.peakToPeakMm)} at stud {best + 1}
      </text>
    </svg>
  );
}

/** An arrow from stud 1 the way the rotor is turned. */
function Turn({ toDeg }: { toDeg: number }) {
  const from = at(14, 42);
  const to = at(toDeg - 10, 42);
  const tip = at(toDeg - 10, 42);
  const back = [at(toDeg - 26, 49), at(toDeg - 26, 35)];
  return (
    <>
      <path
        d={`M${from.x} ${from.y}A42 42 0 ${toDeg > 200 ? 1 : 0} 1 ${to.x} ${to.y}`}
        className="fill-none stroke-blue"
        strokeWidth="3"
      />
      <path
        d={`M${back[0]!.x} ${back[0]!.y}L${tip.x} ${tip.y}L${back[1]!.x} ${back[1]!.y}`}
        className="fill-none stroke-blue"
        strokeWidth="3"
      />
    </>
  );
}

/** Stud 1 on top, the rest follow clockwise. */
function at(angleDeg: number, radius: number): { x: number; y: number } {
  const angle = ((angleDeg - 90) * Math.PI) / 180;
  return {
    x: Number((CENTRE + radius * Math.cos(angle)).toFixed(2)),
    y: Number((CENTRE + radius * Math.sin(angle)).toFixed(2)),
  };
}
