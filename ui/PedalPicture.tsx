type Props = {
  /** Pivot to pad centre, pivot to clevis, and where the clevis would go, mm. */
  aMm: number;
  bMm: number;
  targetBMm?: number;
  /** Travel of a full master stroke at the pad, then, and down to the floor, mm. */
  travelMm?: number;
  floorMm?: number;
  words: { ratio: string; raise?: string; travel?: string };
};

const WIDTH = 420;
const HEIGHT = 300;
const PIVOT = { x: 250, y: 36 };
/** The arm leans a little back, as a hung pedal does, degrees. */
const LEAN = 12;

/** The pedal to scale: pivot, clevis as it is and as it would be with the master at the same height, and the floor. */
export function PedalPicture({ aMm, bMm, targetBMm, travelMm, floorMm, words }: Props) {
  const scale = (HEIGHT - 80) / aMm;
  const at = (mm: number, lean = LEAN) => ({
    x: PIVOT.x + mm * scale * Math.sin((lean * Math.PI) / 180),
    y: PIVOT.y + mm * scale * Math.cos((lean * Math.PI) / 180),
  });
  const pad = at(aMm);
  const pressed = travelMm === undefined ? undefined : at(aMm, LEAN - degrees(travelMm, aMm));
  const floor = floorMm === undefined ? undefined : at(aMm, LEAN - degrees(floorMm, aMm));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="blueplate w-full max-w-xl"
      role="img"
      aria-label={[words.ratio, words.raise, words.travel].filter(Boolean).join('; ')}
    >
      <g fill="none" stroke="#e9f1f7">
        <circle cx={PIVOT.x} cy={PIVOT.y} r="7" strokeWidth="2" />
        <path d={`M${PIVOT.x} ${PIVOT.y}L${pad.x} ${pad.y}`} strokeWidth="5" />
        <path d={`M${pad.x - 14} ${pad.y - 12}l20 26`} strokeWidth="8" />
        {pressed && (
          <path
            d={`M${PIVOT.x} ${PIVOT.y}L${pressed.x} ${pressed.y}`}
            strokeWidth="3"
            strokeDasharray="7 5"
            stroke="#f2c14e"
          />
        )}
      </g>
      {floor && (
        <g>
          <path
            d={`M${floor.x - 46} ${floor.y + 26}L${floor.x + 20} ${floor.y - 40}`}
            stroke="#ff8d82"
            strokeWidth="3"
          />
          <text x={floor.x - 52} y={floor.y + 34} textAnchor="end" fill="#ff8d82" fontSize="15">
            floor
          </text>
        </g>
      )}
      <Master at={at(bMm)} stroke="#e9f1f7" label="now" />
      {targetBMm !== undefined && <Master at={at(targetBMm)} stroke="#f2c14e" label="then" dashed />}
      <g fill="#e6eff6" fontSize="15" className="reading">
        <text x="12" y={HEIGHT - 58}>
          {words.ratio}
        </text>
        {words.raise && (
          <text x="12" y={HEIGHT - 36} fill="#f2c14e">
            {words.raise}
          </text>
        )}
        {words.travel && (
          <text x="12" y={HEIGHT - 14} fill="#f2c14e">
            {words.travel}
          </text>
        )}
      </g>
    </svg>
  );
}

/** Clevis, level rod and master, all at one height: a rod that leans side-loads the piston. */
function Master({
  at: { x, y },
  stroke,
  label,
  dashed = false,
}: {
  at: { x: number; y: number };
  stroke: string;
  label: string;
  dashed?: boolean;
}) {
  return (
    <g fill="none" stroke={stroke} strokeWidth="2" strokeDasharray={dashed ? '6 4' : undefined}>
      <circle cx={x} cy={y} r="5" />
      <path d={`M${x - 5} ${y}H120`} />
      <path d={`M120 ${y - 11}H52v22h68Z`} />
      <text x="46" y={y + 5} textAnchor="end" fill={stroke} stroke="none" fontSize="15">
        {label}
      </text>
    </g>
  );
}

function degrees(travelMm: number, aMm: number): number {
  return (Math.min(travelMm / aMm, 1.2) * 180) / Math.PI;
}
