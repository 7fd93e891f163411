import {
  BODY,
  brakeLine,
  type Centre,
  CORNER_IDS,
  type CornerId,
  centresAt,
  GLASS,
  MASTER_X,
  MASTER_Y,
} from './carOutline';

type BleederState = 'to_do' | 'open' | 'done';

export type BleedCorner = {
  /** Its bleeders, outer first; none at a corner that is not bled. */
  bleeders: BleederState[];
  outMl: number;
  says: string;
};

type Props = {
  corners: Record<CornerId, BleedCorner>;
  driveSide: 'left' | 'right';
  /** New fluid left of what was laid out, and what a bottle holds. */
  supply: { leftMl: number; ofMl: number };
  /** In the catch bottle since it was emptied. */
  caught: { ml: number; ofMl: number };
  className?: string;
};

const CENTRES = centresAt(128, 488);
const NEW = '#f2c14e';
const OLD = '#7fa3c2';

/** A bleed on the car: the lines, the corner that is open, new fluid going in at the master and old coming out. */
export function BleedPicture({ corners, driveSide, supply, caught, className }: Props) {
  const master = MASTER_X[driveSide];
  const open = CORNER_IDS.find((id) => corners[id].bleeders.includes('open'));
  return (
    <svg
      viewBox="0 0 320 640"
      className={className}
      role="img"
      aria-label={spoken(corners, open, supply.leftMl)}
    >
      <g fill="none" stroke="#cfe0ee">
        <path strokeWidth="1.6" d={BODY} />
        <path opacity="0.65" d={GLASS} />
      </g>
      {CORNER_IDS.map((id) => (
        <Line key={id} d={brakeLine(driveSide, CENTRES[id], id)} corner={corners[id]} />
      ))}
      <Reservoir x={master} supply={supply} />
      {CORNER_IDS.map((id) => (
        <Wheel key={id} id={id} corner={corners[id]} />
      ))}
      {open && <CatchBottle at={CENTRES[open]} caught={caught} />}
    </svg>
  );
}

function Line({ d, corner }: { d: string; corner: BleedCorner }) {
  const open = corner.bleeders.includes('open');
  const done = corner.bleeders.length > 0 && corner.bleeders.every((state) => state === 'done');
  return (
    <path
      d={d}
      fill="none"
      stroke={open || done ? NEW : OLD}
      strokeWidth={open ? 5 : 2.5}
      strokeDasharray={open ? '10 7' : undefined}
      opacity={corner.bleeders.length === 0 ? 0.35 : 1}
    >
      {open && (
        <animate attributeName="stroke-dashoffset" from="17" to="0" dur="0.9s" repeatCount="indefinite" />
      )}
    </path>
  );
}

function Reservoir({ x, supply }: { x: number; supply: Props['supply'] }) {
  const share = supply.ofMl > 0 ? Math.min(1, supply.leftMl / supply.ofMl) : 0;
  return (
    <g>
      <circle cx={x} cy={MASTER_Y} r="8" fill="#12293f" stroke="#e6eff6" strokeWidth="1.5" />
      <g transform="translate(160 300)">
        <rect x="-66" y="-28" width="132" height="82" fill="#16314c" />
        <text textAnchor="middle" y="-8" fill="#e6eff6" fontSize="15">
          new fluid left
        </text>
        <rect x="-44" width="88" height="16" fill="none" stroke="#e6eff6" />
        <rect x="-44" width={88 * share} height="16" fill={NEW} />
        <text textAnchor="middle" y="44" fill="#e6eff6" fontSize="25" fontWeight="600" className="reading">
          {Math.round(supply.leftMl)} ml
        </text>
      </g>
    </g>
  );
}

function Wheel({ id, corner }: { id: CornerId; corner: BleedCorner }) {
  const { x, y, inward } = CENTRES[id];
  const open = corner.bleeders.includes('open');
  return (
    <g>
      <text x={x} y={y - 46} textAnchor="middle" fill="#e6eff6" fontSize="20" fontWeight="600">
        {id}
      </text>
      <rect
        x={x - 14}
        y={y - 34}
        width="28"
        height="68"
        fill="#8fa3b3"
        stroke="#e9f1f7"
        opacity={corner.bleeders.length === 0 ? 0.4 : 1}
      />
      {corner.bleeders.map((state, index) => (
        <circle
          key={index}
          cx={x + inward * (corner.bleeders.length === 1 ? 0 : index === 0 ? -8 : 8)}
          cy={y - 22}
          r={state === 'open' ? 9 : 6}
          fill={state === 'done' ? NEW : state === 'open' ? '#ffffff' : '#12293f'}
          stroke={state === 'open' ? NEW : '#e9f1f7'}
          strokeWidth={state === 'open' ? 4 : 1.5}
        />
      ))}
      <text x={x} y={y + 54} textAnchor="middle" fill="#e6eff6" fontSize="15" fontWeight={open ? 700 : 400}>
        {corner.says}
      </text>
    </g>
  );
}

/** It hangs above the bleeder, so that bubbles rise away from it. */
function CatchBottle({ at: { x, y, inward }, caught }: { at: Centre; caught: Props['caught'] }) {
  const share = Math.min(1, caught.ofMl > 0 ? caught.ml / caught.ofMl : 0);
  const left = x + inward * 46 - 17;
  const top = y - 100;
  return (
    <g>
      <path
        d={`M${x} ${y - 31}C${x} ${y - 70} ${left + 17} ${y - 40} ${left + 17} ${top + 56}`}
        fill="none"
        stroke="#cfe0ee"
        strokeWidth="2.5"
      />
      <rect x={left} y={top + 56 - 50 * share} width="34" height={50 * share} fill="#b06a2c" />
      <path
        d={`M${left + 10} ${top - 6}h14v6h10v56h-34v-56h10Z`}
        fill="none"
        stroke="#e9f1f7"
        strokeWidth="1.6"
      />
    </g>
  );
}

function spoken(corners: Record<CornerId, BleedCorner>, open: CornerId | undefined, leftMl: number): string {
  const done = CORNER_IDS.filter(
    (id) => corners[id].bleeders.length > 0 && corners[id].bleeders.every((state) => state === 'done'),
  );
  return `Bleeding: ${open ? `${open} is open` : 'no bleeder open'}; done: ${done.join(', ') || 'none'}; ${Math.round(leftMl)} ml of new fluid left`;
}
