'use client';

import { Chart as ChartJS, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownUnit, shownValue } from '@/core/base/units/display';
import type { HeatBand } from '@/core/readings/heat/band';
import type { LapPeaks } from '@/core/readings/heat/corner';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';
import { useUnits } from '../../../shell/useUnits';

ChartJS.register(Filler, LinearScale, PointElement, LineElement, Tooltip, Legend);

/** The highest temperature of rotor and caliper lap by lap, against the limits of pads and fluid, measured peaks on top. */
export function HeatChart({
  laps,
  band: { coolest, hottest },
  limits = {},
  measured = [],
}: {
  laps: readonly LapPeaks[];
  band: HeatBand;
  limits: HeatSessionInput['limits'];
  measured: HeatSessionInput['measured'];
}) {
  const tokens = useTokens();
  const { choice } = useUnits();
  const { legend, axis } = chartLetters(tokens);
  const shown = (c: number) => shownValue(c, '°C', choice);
  const curve = (label: string, of: (lap: LapPeaks) => number, color: string, dash: number[]) =>
    chartLine(
      label,
      laps.map((lap, at) => ({ x: at + 1, y: shown(of(lap)) })),
      color,
      { width: 3, dash },
    );
  /** What is left open, as a band between two lines that are not drawn. */
  const open = (of: (lap: LapPeaks) => number, color: string) => {
    const edge = (side: readonly LapPeaks[]) => ({
      label: '',
      data: side.map((lap, at) => ({ x: at + 1, y: shown(of(lap)) })),
      showLine: true,
      pointRadius: 0,
      borderWidth: 0,
    });
    return [
      { ...edge(hottest), fill: '+1', backgroundColor: `color-mix(in srgb, ${color} 18%, transparent)` },
      edge(coolest),
    ];
  };
  // A limit has the colour of what it holds.
  const level = (label: string, c: number | undefined, color: string, dash: number[]) =>
    c === undefined
      ? []
      : [
          chartLine(
            label,
            [
              { x: 1, y: shown(c) },
              { x: Math.max(2, laps.length), y: shown(c) },
            ],
            color,
            { dash },
          ),
        ];
  const points = (label: string, data: { x: number; y: number }[], pointStyle: 'circle' | 'rect') =>
    data.length === 0
      ? []
      : [{ label, data, borderColor: tokens.ink, backgroundColor: tokens.ink, pointRadius: 6, pointStyle }];
  return (
    <Scatter
      role="img"
      aria-label={`Rotor and caliper over ${laps.length} laps`}
      data={{
        datasets: [
          ...open((lap) => lap.rotorPeakC, tokens.bronze),
          ...open((lap) => lap.caliperPeakC, tokens.ink),
          curve('Rotor, highest of the lap', (lap) => lap.rotorPeakC, tokens.bronze, []),
          curve('Caliper and fluid', (lap) => lap.caliperPeakC, tokens.ink, [10, 3]),
          ...level('Pads good to', limits.padC, tokens.bronze, [3, 3]),
          ...level('Fluid boils', limits.fluidC, tokens.ink, [2, 4]),
          ...points(
            'Rotor, measured',
            measured.flatMap(({ lap, rotorC }) =>
              rotorC === undefined ? [] : [{ x: lap, y: shown(rotorC) }],
            ),
            'circle',
          ),
          ...points(
            'Caliper, measured',
            measured.flatMap(({ lap, caliperC }) =>
              caliperC === undefined ? [] : [{ x: lap, y: shown(caliperC) }],
            ),
            'rect',
          ),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: { ...legend, labels: { ...legend.labels, filter: ({ text }) => text !== '' } },
          tooltip: { callbacks: { label: ({ parsed }) => `lap ${parsed.x}: ${parsed.y?.toFixed(0)}` } },
        },
        scales: {
          x: axis('Lap', { min: 1, max: Math.max(2, laps.length) }),
          y: axis(`Highest of the lap, ${shownUnit('°C', choice)}`),
        },
      }}
    />
  );
}
