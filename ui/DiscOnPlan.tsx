/** A rotor as the plan draws it: how thick it was new, may become, and is; and what shape and marks were found. */
export type PlanRotor = {
  newMm: number;
  minimumMm?: number | null;
  mm?: number;
  shape?: 'flat' | 'wobble' | 'wave';
  mark?: 'streaks' | 'grooves' | 'deposits' | 'heat_checked' | 'cracked';
};

export type PlanPad = { leading: number; trailing: number };
export type PlanPads = { newMm: number; minimumMm?: number | null; inner?: PlanPad; outer?: PlanPad };

type Props = {
  rotor: PlanRotor;
  pads: PlanPads;
  caliper?: 'opposed' | 'sliding' | null;
  /** Towards the middle of the car. */
  inward: 1 | -1;
  fill: string;
  hubFill: string;
};

/** Drawing units per millimetre: a 32 mm rotor reads from two metres; pads a little larger, since they are what wears. */
const ROTOR_SCALE = 0.72;
const PAD_SCALE = 1.35;
const HALF = 32;
const HUB = 11;
const PAD_HALF = 22;

/** A disc brake from above, round its own middle: rotor on edge, a pad on each side, new as a ghost, minimum as a line. */
export function DiscOnPlan({ rotor, pads, caliper, inward, fill, hubFill }: Props) {
  const width = at100((rotor.mm ?? rotor.newMm) * ROTOR_SCALE);
  const ghost = at100(rotor.newMm * ROTOR_SCALE);
  const inner = at100(ghost / 2 + pads.newMm * PAD_SCALE + 7);
  return (
    <>
      <rect
        x={inward > 0 ? inner : -inner - HUB}
        y={-HUB / 2}
        width={HUB}
        height={HUB}
        fill={hubFill}
        stroke="#e9f1f7"
      />
      {rotor.mm !== undefined && (
        <rect
          x={-ghost / 2}
          y={-HALF}
          width={ghost}
          height={2 * HALF}
          fill="none"
          stroke="#e9f1f7"
          strokeDasharray="3 3"
          opacity="0.7"
        />
      )}
      <path d={edgePath(width / 2, rotor.shape ?? 'flat')} fill={fill} stroke="#e9f1f7" />
      <Marks mark={rotor.mark} half={width / 2} />
      {([-1, 1] as const).map((side) => (
        <PadOnPlan
          key={side}
          pad={side === inward ? pads.inner : pads.outer}
          pads={pads}
          face={side * (ghost / 2)}
          side={side}
        />
      ))}
      {/* An opposed caliper has pistons on both sides, a sliding one only inboard. */}
      {(caliper === 'opposed' ? [-1, 1] : [inward]).map((side) => (
        <path
          key={side}
          d={`M${at100(side * (ghost / 2 + pads.newMm * PAD_SCALE + 4))} -16v32`}
          stroke="#7fa3c2"
          strokeWidth="3"
        />
      ))}
    </>
  );
}

/** Places are drawn to a hundredth: a board has dozens of these, and long figures are most of its page. */
const at100 = (place: number): number => Math.round(place * 100) / 100;

/** The rotor's two edges: straight, leaning, or bent; only a bent one needs more than its ends. */
function edgePath(half: number, shape: NonNullable<PlanRotor['shape']>): string {
  const shift = (y: number) => {
    if (shape === 'wobble') return (4 * y) / HALF;
    return shape === 'wave' ? 3.5 * Math.sin((3 * Math.PI * y) / (2 * HALF)) : 0;
  };
  const steps =
    shape === 'wave' ? Array.from({ length: 17 }, (_, step) => -HALF + (step * HALF) / 8) : [-HALF, HALF];
  const side = (sign: number, ys: number[]) =>
    ys.map((y) => `${at100(sign * half + shift(y))} ${y}`).join('L');
  return `M${side(-1, steps)}L${side(1, [...steps].reverse())}Z`;
}

function Marks({ mark, half }: { mark: PlanRotor['mark']; half: number }) {
  if (!mark) return null;
  const lines: Record<NonNullable<PlanRotor['mark']>, string> = {
    streaks: `M${-half + 3} -24v48M${half - 3} -24v48`,
    grooves: `M${-half / 2} -28v56M0 -28v56M${half / 2} -28v56`,
    deposits: `M${-half} -18h${half}v9h${-half}ZM${half} 4h${-half}v11h${half}Z`,
    heat_checked: [-24, -14, -4, 6, 16, 25].map((y) => `M${-half} ${y}h${half}M0 ${y + 5}h${half}`).join(''),
    cracked: `M${-half} -12l${half} 5l${half * 0.4} -4l${half * 0.6} 8`,
  };
  return (
    <path
      d={lines[mark]}
      fill={mark === 'deposits' ? '#12293f' : 'none'}
      fillOpacity="0.55"
      stroke={mark === 'cracked' ? '#ffb4ab' : '#12293f'}
      strokeWidth={mark === 'cracked' ? 3 : 1.5}
      strokeDasharray={mark === 'streaks' ? '4 3' : undefined}
    />
  );
}

/** One pad: a ghost of its new thickness, the minimum as a line, what is left filled, its leading end forward. */
function PadOnPlan({ pad, pads, face, side }: { pad?: PlanPad; pads: PlanPads; face: number; side: 1 | -1 }) {
  const at = (mm: number) => at100(face + side * mm * PAD_SCALE);
  const leading = pad?.leading ?? pads.newMm;
  const trailing = pad?.trailing ?? pads.newMm;
  return (
    <>
      <path
        d={`M${face} ${-PAD_HALF}L${at(leading)} ${-PAD_HALF}L${at(trailing)} ${PAD_HALF}L${face} ${PAD_HALF}Z`}
        fill={pad ? '#f2f6f9' : '#dfe8ee'}
        fillOpacity={pad ? 1 : 0.55}
      />
      {pad && (
        <path
          d={`M${face} ${-PAD_HALF}H${at(pads.newMm)}V${PAD_HALF}H${face}`}
          fill="none"
          stroke="#e9f1f7"
          strokeDasharray="3 3"
          opacity="0.7"
        />
      )}
      {pad && pads.minimumMm && (
        <path
          d={`M${at(pads.minimumMm)} ${-PAD_HALF - 3}V${PAD_HALF + 3}`}
          stroke="#ff8d82"
          strokeWidth="1.5"
        />
      )}
    </>
  );
}
