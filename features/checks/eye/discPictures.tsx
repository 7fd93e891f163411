import type { ReactNode } from 'react';

/** Part of a rotor's face, the rim above: what is drawn on it follows its curve. */
const CENTRE = { x: 48, y: 132 };

function arc(radius: number, from = -34, to = 34): string {
  const at = (deg: number) => {
    const angle = ((deg - 90) * Math.PI) / 180;
    return `${(CENTRE.x + radius * Math.cos(angle)).toFixed(1)} ${(CENTRE.y + radius * Math.sin(angle)).toFixed(1)}`;
  };
  return `M${at(from)}A${radius} ${radius} 0 0 1 ${at(to)}`;
}

function spot(deg: number, radius: number): { x: number; y: number } {
  const angle = ((deg - 90) * Math.PI) / 180;
  return { x: CENTRE.x + radius * Math.cos(angle), y: CENTRE.y + radius * Math.sin(angle) };
}

function Face({ children }: { children?: ReactNode }) {
  return (
    <>
      <path d={arc(94)} className="fill-none stroke-rule" strokeWidth="52" />
      <path d={arc(121)} className="fill-none stroke-ink" strokeWidth="1.5" />
      <path d={arc(68)} className="fill-none stroke-ink" strokeWidth="1.5" />
      {children}
    </>
  );
}

const STREAKS = [76, 84, 97, 104, 112];

export const ROTOR_SURFACE: Record<string, ReactNode> = {
  smooth: <Face />,
  streaks: (
    <Face>
      {STREAKS.map((radius) => (
        <path key={radius} d={arc(radius)} className="fill-none stroke-straw" strokeWidth="3" opacity="0.8" />
      ))}
    </Face>
  ),
  rusted: (
    <Face>
      {Array.from({ length: 26 }, (_, index) => {
        const { x, y } = spot(-31 + ((index * 17) % 62), 74 + ((index * 13) % 42));
        return (
          <circle
            key={`${index}`}
            cx={x}
            cy={y}
            r={1.5 + (index % 3)}
            className="fill-bronze"
            opacity="0.8"
          />
        );
      })}
    </Face>
  ),
  grooves: (
    <Face>
      {[78, 90, 99, 111].map((radius) => (
        <path key={radius} d={arc(radius)} className="fill-none stroke-ink" strokeWidth="3" />
      ))}
      <path d="M62 6q10 8 4 26" className="fill-none stroke-bronze" strokeWidth="5" strokeLinecap="round" />
    </Face>
  ),
  deposits: (
    <Face>
      {[-24, -4, 17].map((deg) => {
        const { x, y } = spot(deg, 95);
        return (
          <path
            key={deg}
            d={`M${x - 9} ${y - 16}q12 -6 17 2q6 12 -2 26q-10 8 -15 -3q-5 -12 0 -25Z`}
            className="fill-soft"
            opacity="0.75"
          />
        );
      })}
    </Face>
  ),
  heat_checked: (
    <Face>
      {Array.from({ length: 30 }, (_, index) => {
        const deg = -32 + index * 2.2;
        const low = spot(deg, 78 + ((index * 7) % 17));
        const high = spot(deg + 0.6, 84 + ((index * 7) % 17));
        return (
          <path
            key={deg}
            d={`M${low.x} ${low.y}L${high.x} ${high.y}`}
            className="stroke-ink"
            strokeWidth="1.2"
          />
        );
      })}
    </Face>
  ),
  cracked: (
    <Face>
      <path d="M51 10l-5 12l7 9l-6 13l5 12" className="fill-none stroke-stop" strokeWidth="3" />
      <circle cx="70" cy="46" r="5" className="fill-card stroke-ink" />
      <path d="M72 42l6 -9l-1 -9" className="fill-none stroke-stop" strokeWidth="2.5" />
    </Face>
  ),
};

export const ROTOR_COLOUR: Record<string, ReactNode> = {
  normal: <Face />,
  blued: (
    <Face>
      {(
        [
          [112, 'stroke-straw'],
          [102, 'stroke-bronze'],
          [92, 'stroke-purple'],
          [80, 'stroke-blue'],
        ] as const
      ).map(([radius, colour]) => (
        <path key={radius} d={arc(radius)} className={`fill-none ${colour}`} strokeWidth="9" opacity="0.75" />
      ))}
    </Face>
  ),
};

function RingAndHat({ children }: { children: ReactNode }) {
  return (
    <>
      <path d={arc(104)} className="fill-none stroke-rule" strokeWidth="32" />
      <path d={arc(70)} className="fill-none stroke-soft" strokeWidth="22" opacity="0.5" />
      {children}
    </>
  );
}

export const ROTOR_FLOAT: Record<string, ReactNode> = {
  free: (
    <RingAndHat>
      <rect x="41" y="40" width="14" height="16" rx="7" className="fill-card stroke-ink" strokeWidth="2" />
      <path
        d="M68 48h14m-5 -5l6 5l-6 5M28 48H14m5 -5l-6 5l6 5"
        className="fill-none stroke-go"
        strokeWidth="2.5"
      />
    </RingAndHat>
  ),
  bound: (
    <RingAndHat>
      <rect x="41" y="40" width="14" height="16" rx="7" className="fill-ink stroke-ink" strokeWidth="2" />
      <path d="M30 36l10 5M31 60l10 -4M66 36l-10 5M65 60l-10 -4" className="stroke-bronze" strokeWidth="3" />
    </RingAndHat>
  ),
  hammered: (
    <RingAndHat>
      <ellipse cx="48" cy="48" rx="18" ry="9" className="fill-card stroke-ink" strokeWidth="2" />
      <circle cx="40" cy="48" r="7" className="fill-soft stroke-ink" />
    </RingAndHat>
  ),
};

/** A rotor from the edge: vanes between two faces, and where the air arrives. */
function Vanes({ children }: { children: ReactNode }) {
  return (
    <>
      <rect x="40" y="8" width="7" height="56" className="fill-soft" />
      <rect x="61" y="8" width="7" height="56" className="fill-soft" />
      {[14, 26, 38, 50, 60].map((y) => (
        <path key={y} d={`M47 ${y}h14`} className="stroke-ink" strokeWidth="2.5" />
      ))}
      {children}
    </>
  );
}

export const COOLING_PATH: Record<string, ReactNode> = {
  core: (
    <Vanes>
      <path d="M4 76h34q14 0 16 -10m-5 6l5 -8l5 8" className="fill-none stroke-blue" strokeWidth="3" />
      <path d="M54 8V2" className="stroke-blue" strokeWidth="3" />
    </Vanes>
  ),
  face: (
    <Vanes>
      <path d="M4 36h30m-8 -6l9 6l-9 6" className="fill-none stroke-bronze" strokeWidth="3" />
    </Vanes>
  ),
  none: <Vanes>{null}</Vanes>,
};

export const DRUM_SURFACE: Record<string, ReactNode> = {
  normal: <circle cx="48" cy="38" r="30" className="fill-none stroke-soft" strokeWidth="7" />,
  glazed: (
    <>
      <circle cx="48" cy="38" r="30" className="fill-none stroke-ink" strokeWidth="7" />
      <path
        d="M26 24a28 28 0 0 1 14 -11M60 63a28 28 0 0 0 10 -10"
        className="fill-none stroke-card"
        strokeWidth="3"
      />
    </>
  ),
  oval: (
    <>
      <ellipse cx="48" cy="38" rx="38" ry="27" className="fill-none stroke-stop" strokeWidth="5" />
      <circle
        cx="48"
        cy="38"
        r="30"
        className="fill-none stroke-soft"
        strokeDasharray="5 4"
        strokeWidth="2"
      />
    </>
  ),
  contaminated: (
    <>
      <circle cx="48" cy="38" r="30" className="fill-none stroke-soft" strokeWidth="7" />
      <path
        d="M24 56q8 12 24 12q18 0 26 -16"
        className="fill-none stroke-ink"
        strokeWidth="8"
        opacity="0.7"
      />
      <path d="M48 70q-5 6 0 9q5 -3 0 -9Z" className="fill-ink" />
    </>
  ),
};
