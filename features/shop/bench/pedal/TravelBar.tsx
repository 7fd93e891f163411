import type { TravelItem } from '@/core/readings/pedal/travel';

/** What each part of a pedal's travel is called, and how it is drawn: a colour of tempered steel and a hatch of its own. */
const DRAWN: Record<TravelItem['id'] | 'left', { label: string; fill: string }> = {
  free_play: { label: 'Free play', fill: 'var(--rule)' },
  take_up: { label: 'Take-up', fill: 'var(--rule)' },
  master_movement: { label: 'Master moves', fill: 'var(--bronze)' },
  gaps: { label: 'Pads off the rotor', fill: 'var(--straw)' },
  gas: { label: 'Gas', fill: 'var(--blue)' },
  hoses: { label: 'Hoses swell', fill: 'var(--purple)' },
  elastic: { label: 'In step with force', fill: 'var(--soft)' },
  fluid: { label: 'Fluid gives', fill: 'var(--plate)' },
  left: { label: 'Nobody explains', fill: 'url(#left-over)' },
};

type Part = { id: TravelItem['id'] | 'left'; mm: number; note?: string };

/**
 * A pedal's travel as one bar, its parts end to end, each with its millimetres; what is measured and what the floor
 * leaves stand on the same scale.
 */
export function TravelBar({
  label,
  parts,
  measuredMm,
  floorMm,
  show,
}: {
  label: string;
  parts: readonly Part[];
  measuredMm?: number;
  floorMm?: number;
  show: (mm: number) => string;
}) {
  const total = parts.reduce((sum, { mm }) => sum + mm, 0);
  const scale = Math.max(total, measuredMm ?? 0, floorMm ?? 0, 1);
  const x = (mm: number) => (mm / scale) * 100;
  let from = 0;
  return (
    <figure aria-label={label}>
      <figcaption className="narrow text-small font-semibold">{label}</figcaption>
      <svg viewBox="0 0 100 14" preserveAspectRatio="none" className="h-14 w-full" aria-hidden="true">
        <defs>
          <pattern id="left-over" width="2" height="2" patternUnits="userSpaceOnUse">
            <rect width="2" height="2" fill="var(--card)" />
            <path d="M0 2 L2 0" stroke="var(--stop)" strokeWidth="0.5" />
          </pattern>
        </defs>
        {parts.map(({ id, mm }) => {
          const start = from;
          from += mm;
          return (
            <rect
              key={id}
              x={x(start)}
              y={2}
              width={x(mm)}
              height={8}
              fill={DRAWN[id].fill}
              stroke="var(--ink)"
              strokeWidth={1}
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
        {[measuredMm, floorMm].map((mm, index) =>
          mm === undefined ? null : (
            <line
              key={index === 0 ? 'measured' : 'floor'}
              x1={x(mm)}
              x2={x(mm)}
              y1={0}
              y2={14}
              stroke={index === 0 ? 'var(--ink)' : 'var(--stop)'}
              strokeWidth={3}
              strokeDasharray={index === 0 ? undefined : '4 3'}
              vectorEffect="non-scaling-stroke"
            />
          ),
        )}
      </svg>
      <ul className="flex flex-wrap gap-x-5 gap-y-1 text-small">
        {parts.map(({ id, mm, note }) => (
          <li key={id} className="flex items-center gap-2">
            <svg viewBox="0 0 10 10" className="size-4 shrink-0 border border-ink" aria-hidden="true">
              <rect width="10" height="10" fill={DRAWN[id].fill} />
            </svg>
            {DRAWN[id].label} <b className="reading font-semibold">{show(mm)}</b>
            {note && <span className="text-soft">{note}</span>}
          </li>
        ))}
        {measuredMm !== undefined && (
          <li className="flex items-center gap-2">
            <i aria-hidden="true" className="h-4 border-l-[3px] border-ink" /> measured{' '}
            <b className="reading font-semibold">{show(measuredMm)}</b>
          </li>
        )}
        {floorMm !== undefined && (
          <li className="flex items-center gap-2">
            <i aria-hidden="true" className="h-4 border-l-[3px] border-dashed border-stop" /> floor{' '}
            <b className="reading font-semibold">{show(floorMm)}</b>
          </li>
        )}
      </ul>
    </figure>
  );
}
