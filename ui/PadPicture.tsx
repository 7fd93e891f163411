import { cn } from './cn';

export type PadEnds = { leading?: number; trailing?: number };

type Props = {
  inner: PadEnds;
  outer: PadEnds;
  newMm: number;
  minimumMm: number;
  /** Below this it is replaced, mm. */
  replaceMm: number;
  className?: string;
};

/** Width of the drawing, and where the rotor stands between the two pads. */
const WIDTH = 340;
const ROTOR = { x: 157, width: 26 };
const PLATE = 9;
const TOP = 34;
const LENGTH = 150;

/** Both pads against the rotor, to scale as they are typed: what is left, what was new (dashed), and the minimum (line). */
export function PadPicture({ inner, outer, newMm, minimumMm, replaceMm, className }: Props) {
  const scale = (ROTOR.x - PLATE - 22) / newMm;
  return (
    <svg viewBox={`0 0 ${WIDTH} 214`} aria-hidden="true" className={className}>
      <text x={WIDTH / 2} y={20} textAnchor="middle" className="fill-soft text-small">
        leading end
      </text>
      <text x={WIDTH / 2} y={206} textAnchor="middle" className="fill-soft text-small">
        trailing end
      </text>
      <rect
        x={ROTOR.x}
        y={TOP - 6}
        width={ROTOR.width}
        height={LENGTH + 12}
        className="fill-rule stroke-ink"
      />
      {(
        [
          ['inner', inner, -1],
          ['outer', outer, 1],
        ] as const
      ).map(([side, pad, direction]) => (
        <PadDrawing
          key={side}
          name={side}
          pad={pad}
          direction={direction}
          {...{ scale, newMm, minimumMm, replaceMm }}
        />
      ))}
    </svg>
  );
}

type DrawingProps = {
  name: string;
  pad: PadEnds;
  direction: 1 | -1;
  scale: number;
  newMm: number;
  minimumMm: number;
  replaceMm: number;
};

function PadDrawing({ name, pad, direction, scale, newMm, minimumMm, replaceMm }: DrawingProps) {
  const face = direction < 0 ? ROTOR.x : ROTOR.x + ROTOR.width;
  const at = (mm: number) => face + direction * mm * scale;
  const known = pad.leading !== undefined || pad.trailing !== undefined;
  const leading = Math.max(0, pad.leading ?? pad.trailing ?? newMm);
  const trailing = Math.max(0, pad.trailing ?? pad.leading ?? newMm);
  const lowest = Math.min(leading, trailing);
  const bottom = TOP + LENGTH;
  return (
    <g>
      <path
        d={`M${face} ${TOP}L${at(newMm)} ${TOP}L${at(newMm)} ${bottom}L${face} ${bottom}Z`}
        className="fill-none stroke-soft"
        strokeDasharray="5 4"
      />
      {known && (
        <>
          <path
            d={`M${face} ${TOP}L${at(leading)} ${TOP}L${at(trailing)} ${bottom}L${face} ${bottom}Z`}
            className={cn(
              'stroke-ink',
              lowest <= minimumMm ? 'fill-stop' : lowest < replaceMm ? 'fill-straw' : 'fill-blue/45',
            )}
            strokeWidth="1.5"
          />
          <path
            d={`M${at(leading)} ${TOP}L${at(leading) + direction * PLATE} ${TOP}L${at(trailing) + direction * PLATE} ${bottom}L${at(trailing)} ${bottom}Z`}
            className="fill-ink"
          />
        </>
      )}
      <path d={`M${at(minimumMm)} ${TOP - 8}V${bottom + 8}`} className="stroke-stop" strokeWidth="2" />
      <text
        x={direction < 0 ? 4 : WIDTH - 4}
        y={TOP - 14}
        textAnchor={direction < 0 ? 'start' : 'end'}
        className="narrow fill-ink text-base font-semibold"
      >
        {name}
      </text>
    </g>
  );
}
