'use client';

import { Chart as ChartJS, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownValue } from '@/core/base/units/display';
import { type BoilingPair, FLUID_CLASS_IDS, FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import { boilingAtMoisture } from '@/core/readings/fluid/boiling';
import { chartLegend } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';
import { useUnits } from '../../../shell/useUnits';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Legend);

const TO_PCT = 6;
const STEPS = 60;
/** Dash patterns tell the classes apart where colour cannot. */
const DASHES: Record<FluidClass, number[]> = {
  DOT3: [2, 3],
  DOT4: [],
  'DOT5.1': [8, 4],
  DOT5: [1, 5],
  ISO6: [12, 4, 2, 4],
  ISO7: [4, 4],
};

type Props = {
  product: FluidClass;
  pair: BoilingPair;
  showAll: boolean;
  point?: { moisture: number; boiling: number; here: number };
  peakC?: number;
};

/** Boiling point against water for each class, with this fluid's point and the caliper's peak on it. */
export function BoilingChart({ product, pair, showAll, point, peakC }: Props) {
  const tokens = useTokens();
  const units = useUnits();
  const shown = (celsius: number) => shownValue(celsius, '°C', units.choice);
  const curve = (own: BoilingPair) =>
    Array.from({ length: STEPS + 1 }, (_, step) => ({
      x: (step / STEPS) * TO_PCT,
      y: shown(boilingAtMoisture(own, (step / STEPS) * TO_PCT)),
    }));
  const classes = FLUID_CLASS_IDS.filter((id) => !FLUID_CLASSES[id].silicone && (showAll || id === product));
  const line = (
    label: string,
    data: { x: number; y: number }[],
    color: string,
    width: number,
    dash: number[],
  ) => chartLine(label, data, color, { width, dash });
  const font = { family: 'Archivo Variable', size: 14 };
  return (
    <Scatter
      role="img"
      aria-label={
        point
          ? `Boiling point curve; this fluid at ${point.moisture.toFixed(1)} % water boils at ${units.full(point.boiling, '°C', 0)}`
          : 'Boiling point curves by class'
      }
      data={{
        datasets: [
          ...(point
            ? [
                {
                  label: 'This fluid',
                  data: [{ x: point.moisture, y: shown(point.boiling) }],
                  backgroundColor: tokens.straw,
                  borderColor: tokens.ink,
                  borderWidth: 2,
                  pointRadius: 9,
                  pointHoverRadius: 9,
                  pointStyle: 'circle' as const,
                },
                {
                  label: 'Here, at altitude',
                  data: [{ x: point.moisture, y: shown(point.here) }],
                  backgroundColor: tokens.card,
                  borderColor: tokens.ink,
                  borderWidth: 2,
                  pointRadius: 6,
                  pointStyle: 'rectRot' as const,
                },
              ]
            : []),
          ...(peakC === undefined
            ? []
            : [
                line(
                  'Caliper peak',
                  [
                    { x: 0, y: shown(peakC) },
                    { x: TO_PCT, y: shown(peakC) },
                  ],
                  tokens.stop,
                  2,
                  [6, 4],
                ),
              ]),
          ...classes.map((id) =>
            line(
              FLUID_CLASSES[id].label,
              curve(id === product ? pair : FLUID_CLASSES[id]),
              id === product ? tokens.ink : tokens.soft,
              id === product ? 3 : 1.5,
              DASHES[id],
            ),
          ),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: chartLegend(tokens, 'right', 34),
          tooltip: {
            callbacks: {
              label: (item) =>
                `${item.dataset.label}: ${item.parsed.x?.toFixed(1)} %, ${item.parsed.y?.toFixed(0)} ${units.unit('°C')}`,
            },
          },
        },
        scales: {
          x: {
            min: 0,
            max: TO_PCT,
            title: { display: true, text: 'Water, %', color: tokens.ink, font },
            ticks: { color: tokens.ink, font },
            grid: { color: tokens.rule },
          },
          y: {
            min: shown(100),
            max: shown(280),
            title: {
              display: true,
              text: `Boiling point at sea level, ${units.unit('°C')}`,
              color: tokens.ink,
              font,
            },
            ticks: { color: tokens.ink, font },
            grid: { color: tokens.rule },
          },
        },
      }}
    />
  );
}
