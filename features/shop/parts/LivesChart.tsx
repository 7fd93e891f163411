'use client';

import { Chart as ChartJS, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import type { PartRecord } from '@/core/planning/lives/partLives';
import { chartLegend, chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Filler, Legend);

/** Told apart by stroke as well as by colour. */
const DASHES = [[], [8, 4], [2, 3], [12, 3, 2, 3], [5, 2]];

/** Which share of a part's lives is still good after so many sessions, with the bounds of that; of several, side by side without. */
export function LivesChart({ records }: { records: readonly PartRecord[] }) {
  const tokens = useTokens();
  const letters = chartLetters(tokens);
  const end = Math.max(1, ...records.flatMap(({ lives }) => lives.map((life) => life.sessions)));
  const stair = ({ sessions }: PartRecord, of: 'share' | 'low' | 'high') => {
    const points = [{ x: 0, y: 100 }, ...sessions.steps.map((step) => ({ x: step.at, y: 100 * step[of] }))];
    return [...points, { x: end, y: points.at(-1)!.y }];
  };
  const line = (
    label: string,
    data: { x: number; y: number }[],
    color: string,
    dash: number[],
    width: number,
  ) => ({
    ...chartLine(label, data, color, { width, dash }),
    ...{ stepped: 'before' as const, fill: false as false | string },
  });
  const colors = [tokens.ink, tokens.bronze, tokens.stop, tokens.go, tokens.soft];
  const shares = records.map((record, at) =>
    line(record.what, stair(record, 'share'), colors[at % colors.length]!, DASHES[at % DASHES.length]!, 2),
  );
  const [only] = records;
  const bounds =
    records.length === 1 && only
      ? [
          line('', stair(only, 'high'), tokens.ink, [], 0),
          { ...line('', stair(only, 'low'), tokens.ink, [], 0), backgroundColor: tokens.rule, fill: '-1' },
        ]
      : [];
  const label = `Share of ${records.map(({ what }) => what).join(', ')} still good, by sessions`;
  return (
    <figure aria-label={label} className={records.length > 1 ? 'h-72' : 'h-52'}>
      <Scatter
        role="img"
        aria-label={label}
        data={{
          // The first lie on top.
          datasets: [...shares, ...bounds],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: {
            legend: records.length > 1 ? chartLegend(tokens) : { display: false },
            tooltip: { enabled: false },
          },
          scales: {
            x: { type: 'linear', ...letters.axis('sessions', { min: 0, max: end }) },
            y: letters.axis('% still good', { min: 0, max: 100 }),
          },
        }}
      />
    </figure>
  );
}
