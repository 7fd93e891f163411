import type { ReactNode } from 'react';

/** A dial indicator: its face, and its tip reaching to a point. */
function Dial({ x, y, toX, toY }: { x: number; y: number; toX: number; toY: number }) {
  return (
    <>
      <path d={`M${x} ${y}L${toX} ${toY}`} className="stroke-ink" strokeWidth="2.5" />
      <circle cx={x} cy={y} r="13" className="fill-card stroke-ink" strokeWidth="2.5" />
      <path d={`M${x} ${y}l5 -8`} className="stroke-stop" strokeWidth="2" />
    </>
  );
}

/** Rotor, hub and upright from the front, as far as a dial needs them. */
function Upright({ children }: { children: ReactNode }) {
  return (
    <>
      <rect x="52" y="8" width="12" height="88" className="fill-rule stroke-ink" strokeWidth="1.5" />
      <rect
        x="64"
        y="34"
        width="16"
        height="36"
        className="fill-soft stroke-ink"
        strokeWidth="1.5"
        opacity="0.7"
      />
      <path d="M80 44h40v16H80Z" className="fill-none stroke-ink" strokeWidth="1.5" />
      <path d="M96 20v66" className="stroke-soft" strokeWidth="6" />
      {children}
    </>
  );
}

/** Where to put the dial, for the measures that need one. */
export const DIAL_AT: Record<string, { picture: ReactNode; words: string }> = {
  rotor: {
    words: 'Tip square to the face, 10 to 15 mm in from the edge; nuts snug on washers.',
    picture: (
      <Upright>
        <Dial x={22} y={20} toX={52} toY={20} />
      </Upright>
    ),
  },
  hub: {
    words: 'Rotor off; tip as far out on the hub face as it goes.',
    picture: (
      <>
        <rect
          x="64"
          y="30"
          width="16"
          height="44"
          className="fill-soft stroke-ink"
          strokeWidth="1.5"
          opacity="0.7"
        />
        <path d="M80 44h40v16H80Z" className="fill-none stroke-ink" strokeWidth="1.5" />
        <Dial x={34} y={36} toX={64} toY={36} />
      </>
    ),
  },
  bearing: {
    words: 'Tip on the rim of the hub; grip at twelve and six and rock.',
    picture: (
      <Upright>
        <Dial x={24} y={52} toX={64} toY={40} />
        <path
          d="M36 6h20m-6 -4l7 4l-7 4M56 98H36m6 -4l-7 4l7 4"
          className="fill-none stroke-blue"
          strokeWidth="2.5"
        />
      </Upright>
    ),
  },
  flex: {
    words: 'Dial held by the caliper, tip on the rotor; bar across the wheel, lean.',
    picture: (
      <Upright>
        <path d="M36 4h34v20H36Z" className="fill-none stroke-ink" strokeWidth="2.5" />
        <Dial x={22} y={14} toX={52} toY={28} />
        <path d="M20 82h22m-7 -5l8 5l-8 5" className="fill-none stroke-blue" strokeWidth="3" />
      </Upright>
    ),
  },
};
