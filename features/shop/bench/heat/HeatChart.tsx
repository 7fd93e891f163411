'use client';

import { Chart as ChartJS, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownUnit, shownValue } from '@/core/base/units/display';
import type { HeatBand } from '@/core/readings/heat/band';
import type { LapPeaks } from '@/core/readings/heat/corner';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { type Tokens, useTokens } from '@/ui/useTokens';
import { useUnits } from '../../../shell/useUnits';

ChartJS.register(Filler, LinearScale, PointElement, LineElement, Tooltip, Legend);

type Shown = {
  laps: readonly LapPeaks[];
  band: HeatBand;
  limits: HeatSessionInput['limits'];
  measured: HeatSessionInput['measured'];
};

/** The highest temperature of rotor and caliper lap by lap, against the limits of pads and fluid, measured peaks on top. */
export function HeatChart(shown: Shown) {
  const tokens = useTokens();
  const { choice } = useUnits();
  const { legend, axis } = chartLetters(tokens);
  const { length } = shown.laps;
  return (
    <Scatter
      role="img"
      aria-label={`Rotor and caliper over ${length} laps`}
      data={{ datasets: heatLines(shown, tokens, (c) => shownValue(c, '°C', choice)) }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: { ...legend, labels: { ...legend.labels, filter: ({ text }) => text !== '' } },
          tooltip: { callbacks: { label: ({ parsed }) => `lap ${parsed.x}: ${parsed.y?.toFixed(0)}` } },
        },
        scales: {
          x: axis('Lap', { min: 1, max: Math.max(2, length) }),
          y: axis(`Highest of the lap, ${shownUnit('°C', choice)}`),
        },
      }}
    />
  );
}

type Scale = (c: number) => number;
type Point = { x: number; y: number };

/** All that is drawn, the widest first: what is left open, the curves, the limits, what was measured. */
function heatLines({ laps, band, limits = {}, measured = [] }: Shown, { bronze, ink }: Tokens, scale: Scale) {
  const rotor = (lap: LapPeaks) => lap.rotorPeakC;
  const caliper = (lap: LapPeaks) => lap.caliperPeakC;
  const curve = (label: string, of: typeof rotor, color: string, dash: number[]) =>
    chartLine(label, lapPoints(laps, of, scale), color, { width: 3, dash });
  const last = Math.max(2, laps.length);
  // A limit has the colour of what it holds.
  const level = (label: string, c: number | undefined, color: string, dash: number[]) =>
    c === undefined
      ? []
      : [
          chartLine(
            label,
            [1, last].map((x) => ({ x, y: scale(c) })),
            color,
            { dash },
          ),
        ];
  const peaks = (of: 'rotorC' | 'caliperC') =>
    measured.flatMap((peak) => {
      const c = peak[of];
      return c === undefined ? [] : [{ x: peak.lap, y: scale(c) }];
    });
  return [
    ...openBand(band, rotor, bronze, scale),
    ...openBand(band, caliper, ink, scale),
    curve('Rotor, highest of the lap', rotor, bronze, []),
    curve('Caliper and fluid', caliper, ink, [10, 3]),
    ...level('Pads good to', limits.padC, bronze, [3, 3]),
    ...level('Fluid boils', limits.fluidC, ink, [2, 4]),
    ...measuredPoints('Rotor, measured', peaks('rotorC'), 'circle', ink),
    ...measuredPoints('Caliper, measured', peaks('caliperC'), 'rect', ink),
  ];
}

function lapPoints(laps: readonly LapPeaks[], of: (lap: LapPeaks) => number, scale: Scale): Point[] {
  return laps.map((lap, at) => ({ x: at + 1, y: scale(of(lap)) }));
}

/** What is left open, as a band between two lines that are not drawn. */
function openBand(
  { coolest, hottest }: HeatBand,
  of: (lap: LapPeaks) => number,
  color: string,
  scale: Scale,
) {
  const edge = (side: readonly LapPeaks[]) => ({
    label: '',
    data: lapPoints(side, of, scale),
    showLine: true,
    pointRadius: 0,
    borderWidth: 0,
  });
  return [
    { ...edge(hottest), fill: '+1', backgroundColor: `color-mix(in srgb, ${color} 18%, transparent)` },
    edge(coolest),
  ];
}

function measuredPoints(label: string, data: Point[], pointStyle: 'circle' | 'rect', color: string) {
  return data.length === 0
    ? []
    : [{ label, data, borderColor: color, backgroundColor: color, pointRadius: 6, pointStyle }];
}
