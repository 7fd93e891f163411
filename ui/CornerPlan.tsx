import {
  BODY,
  brakeLine,
  type Centre,
  CORNER_IDS,
  type CornerId,
  centresAt,
  GLASS,
  MASTER_X,
} from './carOutline';
import { cn } from './cn';
import { DiscOnPlan, type PlanPads, type PlanRotor } from './DiscOnPlan';
import { linesWithin } from './linesWithin';

export type PlanCorner = {
  brake: 'disc' | 'drum';
  caliper?: 'opposed' | 'sliding' | null;
  /** What is drawn to scale: as it was new, and as it was measured. */
  rotor: PlanRotor;
  pads: PlanPads;
  tone: 'plain' | 'watch' | 'bad';
  /** Hub and bearing: sound as far as anybody knows, or not. */
  hub: 'plain' | 'watch' | 'bad';
  hold: boolean;
  /** What was found, in two or three words, and for a reader. */
  says: string;
  /** So much else was found there. */
  more: number;
};

type Props = {
  corners: Record<CornerId, PlanCorner>;
  /** Side the master sits on. */
  driveSide: 'left' | 'right';
  centre?: { top: string; reading: string; under: string };
  selected?: CornerId | null;
  onSelect?: (corner: CornerId | null) => void;
  /** A shorter car for a card: no words under the wheels. */
  compact?: boolean;
  className?: string;
};

/** Height of the drawing, the squeeze of the body, and where the wheels stand. */
const LONG = { height: 640, squeeze: 1, centres: centresAt(128, 488) };
const SHORT = { height: 400, squeeze: 0.625, centres: centresAt(88, 304) };
const NAMES: Record<CornerId, string> = {
  FL: 'front left',
  FR: 'front right',
  RL: 'rear left',
  RR: 'rear right',
};
/** From a wheel's name to the last line of words under it. */
const REACH = 160;
/** What is between the lines of the drawing. */
const PLATE = '#17344f';
const TONE_FILL = { plain: '#8fa3b3', watch: '#c9982e', bad: '#b06a2c' } as const;

/** The car from above, scribed on the plate: rotor and pads to scale, the state of each corner, and how one is picked. */
export function CornerPlan({
  corners,
  driveSide,
  centre,
  selected,
  onSelect,
  compact = false,
  className,
}: Props) {
  const { height, squeeze, centres } = compact ? SHORT : LONG;
  const master = MASTER_X[driveSide];
  return (
    <div className={cn('relative', className)}>
      <svg viewBox={`0 0 320 ${height}`} className="h-full w-full" aria-hidden="true">
        <g fill="none" stroke="#cfe0ee" transform={`scale(1 ${squeeze})`}>
          <path strokeWidth="1.6" d={BODY} />
          <path opacity="0.65" d={GLASS} />
          <path opacity="0.65" strokeDasharray="10 3 2 3" d="M160 24v-10M160 600v14M60 128h200M60 488h200" />
          <path
            stroke="#7fa3c2"
            opacity="0.8"
            d={CORNER_IDS.map((id) => brakeLine(driveSide, LONG.centres[id], id)).join('')}
          />
        </g>
        <circle cx={master} cy={196 * squeeze} r="7" fill="#12293f" stroke="#cfe0ee" strokeWidth="1.5" />
        {CORNER_IDS.map((id) => (
          <CornerDrawing
            key={id}
            id={id}
            at={centres[id]}
            corner={corners[id]}
            selected={selected === id}
            compact={compact}
          />
        ))}
        {centre && (
          <g fill="#e6eff6" textAnchor="middle" className="reading">
            <text x="160" y="306" fontSize="15">
              {centre.top}
            </text>
            <text x="160" y="334" fontSize="25" fontWeight="600">
              {centre.reading}
            </text>
            <text x="160" y="356" fontSize="15">
              {centre.under}
            </text>
          </g>
        )}
      </svg>
      {onSelect &&
        CORNER_IDS.map((id) => (
          <button
            key={id}
            type="button"
            aria-pressed={selected === id}
            aria-label={`${NAMES[id]}: ${[corners[id].says, andMore(corners[id]), corners[id].hold && 'on hold'].filter(Boolean).join(', ')}`}
            onClick={() => onSelect(selected === id ? null : id)}
            className="absolute focus-visible:outline-[#f2c14e]"
            style={{
              left: `${((centres[id].x - 58) / 320) * 100}%`,
              top: `${((centres[id].y - 62) / height) * 100}%`,
              width: `${(116 / 320) * 100}%`,
              height: `${(REACH / height) * 100}%`,
            }}
          />
        ))}
    </div>
  );
}

type DrawingProps = {
  id: CornerId;
  at: Centre;
  corner: PlanCorner;
  selected: boolean;
  compact: boolean;
};

function CornerDrawing({ id, at: { x, y, inward }, corner, selected, compact }: DrawingProps) {
  return (
    <g>
      <text x={x} y={y - 42} textAnchor="middle" fill="#e6eff6" fontSize={compact ? 26 : 17} fontWeight="600">
        {id}
      </text>
      {corner.brake === 'drum' ? (
        <Drum x={x} y={y} tone={corner.tone} />
      ) : (
        <g transform={`translate(${x} ${y})`}>
          <DiscOnPlan
            rotor={corner.rotor}
            pads={corner.pads}
            caliper={corner.caliper}
            inward={inward}
            fill={TONE_FILL[corner.tone]}
            hubFill={TONE_FILL[corner.hub]}
          />
        </g>
      )}
      {!compact &&
        underWheel([corner.says, andMore(corner)].filter(Boolean).join(', ')).map((line, index) => (
          <text
            key={`${index} ${line}`}
            x={x}
            y={y + 52 + index * 17}
            textAnchor="middle"
            fill="#e6eff6"
            fontSize="14"
            // The body's line passes behind the words.
            stroke={PLATE}
            strokeWidth="5"
            strokeLinejoin="round"
            paintOrder="stroke"
          >
            {line}
          </text>
        ))}
      {corner.hold && (
        <g
          transform={
            compact
              ? `translate(${x + inward * -4} ${y}) scale(2.4)`
              : `translate(${x + 42} ${y - 46}) scale(1.05)`
          }
        >
          <path d="M-9-4L-4-9H4L9-4V4L4 9H-4L-9 4Z" fill="#f6e9e7" stroke="#b3261e" strokeWidth="2" />
          <path d="M0-5V1M0 4v.6" stroke="#b3261e" strokeWidth="2.6" fill="none" />
        </g>
      )}
      {selected && (
        <rect
          x={x - 58}
          y={y - 62}
          width="116"
          height={REACH}
          fill="none"
          stroke="#f2c14e"
          strokeWidth="2.5"
        />
      )}
    </g>
  );
}

const andMore = ({ more }: PlanCorner) => (more > 0 ? `and ${more} more` : '');

/** Letters that have room between the edge of the drawing and the brake line, and lines above the frame of a picked corner. */
const LETTERS = 18;
const LINES = 3;

/** What stands under a wheel: what was looked at, and how it is, each in lines of its own. */
function underWheel(says: string): string[] {
  const [what, ...how] = says.split(', ');
  if (how.length === 0) return linesWithin(what!, LETTERS, LINES);
  const first = linesWithin(what!, LETTERS, LINES - 1);
  return [...first, ...linesWithin(how.join(', '), LETTERS, LINES - first.length)];
}

function Drum({ x, y, tone }: { x: number; y: number; tone: PlanCorner['tone'] }) {
  return (
    <g>
      <rect x={x - 17} y={y - 30} width="34" height="60" rx="4" fill={TONE_FILL[tone]} stroke="#e9f1f7" />
      <path d={`M${x - 9} ${y - 22}v44M${x + 9} ${y - 22}v44`} stroke="#12293f" strokeWidth="2.5" />
    </g>
  );
}
