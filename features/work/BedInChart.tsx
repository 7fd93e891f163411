'use client';

import { Chart as ChartJS, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { shownUnit, shownValue } from '@/core/base/units/display';
import type { BedInPlan } from '@/core/planning/bedin/plan';
import { chartLegend } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';
import { useUnits } from '../shell/useUnits';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Legend);

/** Rotor temperature after each slowdown against the window of the compound. */
export function BedInChart({ plan, ambientC }: { plan: BedInPlan; ambientC: number }) {
  const tokens = useTokens();
  const { choice } = useUnits();
  const shown = (c: number) => shownValue(c, '°C', choice);
  const unit = shownUnit('°C', choice);
  const count = plan.stops.length;
  const font = { family: 'Archivo Variable', size: 14 };
  const level = (label: string, c: number, color: string, dash: number[]) =>
    chartLine(
      label,
      [
        { x: 0, y: shown(c) },
        { x: count, y: shown(c) },
      ],
      color,
      { dash },
    );
  return (
    <Scatter
      role="img"
      aria-label={`Rotor after each of ${count} slowdowns, hottest ${Math.round(Math.max(...plan.predictedC))} °C; window ${plan.windowC.low} to ${plan.windowC.high} °C`}
      data={{
        datasets: [
          {
            label: 'Rotor after the slowdown',
            data: [
              { x: 0, y: shown(ambientC) },
              ...plan.predictedC.map((c, index) => ({ x: index + 1, y: shown(c) })),
            ],
            borderColor: tokens.ink,
            backgroundColor: plan.predictedC.map((c) =>
              c > plan.windowC.high ? tokens.stop : c >= plan.windowC.low ? tokens.go : tokens.card,
            ),
            borderWidth: 2,
            showLine: true,
            pointRadius: 6,
            pointStyle: 'circle' as const,
          },
          level('Window begins', plan.windowC.low, tokens.bronze, [6, 4]),
          level('Window ends', plan.windowC.high, tokens.stop, [2, 3]),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: chartLegend(tokens),
          tooltip: { callbacks: { label: (item) => `${item.parsed.y?.toFixed(0)} ${unit}` } },
        },
        scales: {
          x: {
            min: 0,
            max: count + 0.3,
            title: { display: true, text: 'Slowdown', color: tokens.ink, font },
            ticks: {
              color: tokens.ink,
              font,
              stepSize: 1,
              autoSkip: false,
              callback: (at) => (Number.isInteger(at) ? at : null),
            },
            grid: { color: tokens.rule },
          },
          y: {
            min: 0,
            title: { display: true, text: `Rotor, ${unit}`, color: tokens.ink, font },
            ticks: { color: tokens.ink, font },
            grid: { color: tokens.rule },
          },
        },
      }}
    />
  );
}
