import type { ReactNode } from 'react';

/** A pad from its face. */
function PadFace({ children, broken = false }: { children?: ReactNode; broken?: boolean }) {
  return (
    <>
      <path d="M8 18h80v42H8Z" className="fill-none stroke-ink" strokeWidth="2" />
      <path
        d={broken ? 'M14 24h58l4 7l-7 5l9 8l-5 10H14Z' : 'M14 24h68v30H14Z'}
        className="fill-rule stroke-ink"
        strokeWidth="1.5"
      />
      {children}
    </>
  );
}

export const PAD_SURFACE: Record<string, ReactNode> = {
  normal: (
    <PadFace>
      {Array.from({ length: 18 }, (_, index) => (
        <circle
          key={`${index}`}
          cx={20 + ((index * 23) % 58)}
          cy={29 + ((index * 11) % 21)}
          r="1.4"
          className="fill-soft"
        />
      ))}
    </PadFace>
  ),
  glazed: (
    <PadFace>
      <path d="M22 50L44 28M38 50l22 -22M54 50l22 -22" className="stroke-card" strokeWidth="4" />
    </PadFace>
  ),
  contaminated: (
    <PadFace>
      <path d="M30 24q-8 16 4 22q14 6 22 -4q6 -10 -4 -18Z" className="fill-ink" opacity="0.55" />
      <path d="M66 56q-5 7 0 10q5 -3 0 -10Z" className="fill-ink" />
    </PadFace>
  ),
  crumbled: (
    <PadFace broken>
      <path d="M84 30l3 3l-3 3ZM82 46l4 2l-3 4Z" className="fill-soft" />
    </PadFace>
  ),
  separated: (
    <>
      <path d="M8 46h80v10H8Z" className="fill-soft stroke-ink" strokeWidth="2" />
      <path d="M8 43q40 -4 80 -16v-14q-40 12 -80 16Z" className="fill-rule stroke-ink" strokeWidth="1.5" />
      <path d="M58 24l3 12" className="stroke-stop" strokeWidth="3" />
    </>
  ),
};

/** A piston half out of its bore, boot round it. */
function Piston({ children }: { children: ReactNode }) {
  return (
    <>
      <path d="M6 12h40v52H6" className="fill-none stroke-ink" strokeWidth="2.5" />
      <rect x="28" y="20" width="40" height="36" className="fill-rule stroke-ink" strokeWidth="2" />
      {children}
    </>
  );
}

export const PISTON_RETURN: Record<string, ReactNode> = {
  free: (
    <Piston>
      <path d="M92 38H74m6 -6l-7 6l7 6" className="fill-none stroke-go" strokeWidth="3" />
    </Piston>
  ),
  stiff: (
    <Piston>
      <path d="M92 38H78M74 28v20" className="fill-none stroke-stop" strokeWidth="4" />
      <path d="M47 17l5 4M54 16l5 5M47 59l5 -4M54 60l5 -5" className="stroke-bronze" strokeWidth="3" />
    </Piston>
  ),
};

/** A caliper ear on its pin. */
function Pin({ children }: { children: ReactNode }) {
  return (
    <>
      <path d="M10 34h76v8H10Z" className="fill-rule stroke-ink" strokeWidth="1.5" />
      <path d="M34 22h26v32H34Z" className="fill-soft stroke-ink" strokeWidth="2" opacity="0.7" />
      {children}
    </>
  );
}

export const SLIDE_PINS: Record<string, ReactNode> = {
  free: (
    <Pin>
      <path
        d="M28 64H12m6 -5l-7 5l7 5M66 64h16m-6 -5l7 5l-7 5"
        className="fill-none stroke-go"
        strokeWidth="3"
      />
    </Pin>
  ),
  stiff: (
    <Pin>
      <path
        d="M30 34q4 -6 8 0q4 6 8 0q4 -6 8 0q4 6 8 0"
        className="fill-none stroke-bronze"
        strokeWidth="4"
      />
      <path d="M40 64h14" className="stroke-stop" strokeWidth="4" />
    </Pin>
  ),
};

export const HOSE_SWELL: Record<string, ReactNode> = {
  no: <path d="M6 38h84" className="stroke-ink" strokeWidth="16" />,
  yes: (
    <>
      <path d="M6 38h84" className="stroke-ink" strokeWidth="16" />
      <ellipse cx="48" cy="38" rx="22" ry="18" className="fill-ink" />
      <path d="M34 14l-6 -8M48 12V2M62 14l6 -8" className="stroke-stop" strokeWidth="3" />
    </>
  ),
};

function Caliper({ bleeder }: { bleeder: 'top' | 'bottom' }) {
  const y = bleeder === 'top' ? 6 : 62;
  return (
    <>
      <rect x="24" y="16" width="48" height="46" rx="6" className="fill-rule stroke-ink" strokeWidth="2" />
      <circle cx="48" cy="39" r="14" className="fill-none stroke-ink" strokeWidth="2" />
      <path d={`M44 ${y}h8v10h-8Z`} className="fill-straw stroke-ink" />
      {bleeder === 'bottom' &&
        [40, 48, 56].map((x) => (
          <circle key={x} cx={x} cy="22" r="4" className="fill-card stroke-stop" strokeWidth="2" />
        ))}
    </>
  );
}

export const BLEEDER_POSITION: Record<string, ReactNode> = {
  top: <Caliper bleeder="top" />,
  not_top: <Caliper bleeder="bottom" />,
};

/** A wheel cylinder between its two pistons. */
function Cylinder({ children }: { children?: ReactNode }) {
  return (
    <>
      <rect x="22" y="24" width="52" height="26" className="fill-rule stroke-ink" strokeWidth="2" />
      <path d="M8 30h14v14H8ZM74 30h14v14H74Z" className="fill-soft stroke-ink" strokeWidth="1.5" />
      {children}
    </>
  );
}

export const WHEEL_CYLINDER: Record<string, ReactNode> = {
  free: (
    <Cylinder>
      <path
        d="M40 16H16m6 -5l-7 5l7 5M56 16h24m-6 -5l7 5l-7 5"
        className="fill-none stroke-go"
        strokeWidth="3"
      />
    </Cylinder>
  ),
  stiff: (
    <Cylinder>
      <path d="M20 22v30M76 22v30" className="stroke-bronze" strokeWidth="5" />
    </Cylinder>
  ),
  leaking: (
    <Cylinder>
      <path d="M20 54q-7 9 0 13q7 -4 0 -13ZM76 54q-7 9 0 13q7 -4 0 -13Z" className="fill-stop" />
    </Cylinder>
  ),
};

function Glass({ level, tone, specks = false }: { level: number; tone: string; specks?: boolean }) {
  return (
    <>
      <path d={`M32 ${level}h32v${62 - level}H32Z`} className={tone} />
      <path d="M30 8v56h36V8" className="fill-none stroke-ink" strokeWidth="2.5" />
      {specks &&
        [
          [38, 40],
          [47, 52],
          [56, 36],
          [52, 58],
          [41, 56],
        ].map(([x, y]) => <circle key={`${x}`} cx={x} cy={y} r="2.4" className="fill-ink" />)}
    </>
  );
}

export const FLUID_LOOK: Record<string, ReactNode> = {
  clear: <Glass level={24} tone="fill-straw/40" />,
  dark: <Glass level={24} tone="fill-bronze" />,
  debris: <Glass level={24} tone="fill-straw/40" specks />,
};

function Reservoir({ level }: { level: number }) {
  return (
    <>
      <path d={`M22 ${level}h52v${62 - level}H22Z`} className="fill-straw/50" />
      <path d="M20 14v50h56V14" className="fill-none stroke-ink" strokeWidth="2.5" />
      <path d="M64 24h12M64 46h12" className="stroke-ink" strokeWidth="2.5" />
    </>
  );
}

export const RESERVOIR_LEVEL: Record<string, ReactNode> = {
  ok: <Reservoir level={28} />,
  low: <Reservoir level={54} />,
  over: <Reservoir level={15} />,
};
