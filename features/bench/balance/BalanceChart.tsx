'use client';

import { Chart as ChartJS, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { dynamicBalance } from '@/core/car/hydraulics/balance';
import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { useTokens } from '@/ui/useTokens';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Legend);

const STEPS = 40;
const TO_MS2 = 14;

/** The front's share of braking over deceleration: what the brakes do, and what would use all four tyres alike. */
export function BalanceChart({ input }: { input: HydraulicsInput }) {
  const tokens = useTokens();
  const font = { family: 'Archivo Variable', size: 14 };
  const ideal = dynamicBalance(input);
  const at = Array.from({ length: STEPS + 1 }, (_, step) => (step / STEPS) * TO_MS2);
  const actual = at.flatMap((x) => {
    const { frontShare } = hydraulics({
      ...input,
      tyreGrip: undefined,
      pedal: { ...input.pedal, forceN: 10 + x * 60 },
    });
    const decel = hydraulics({
      ...input,
      tyreGrip: undefined,
      pedal: { ...input.pedal, forceN: 10 + x * 60 },
    }).decelMs2;
    return frontShare === null || decel > TO_MS2 ? [] : [{ x: decel, y: frontShare * 100 }];
  });
  const { locks } = hydraulics(input);
  const line = (label: string, data: { x: number; y: number }[], color: string, dash: number[]) => ({
    label,
    data,
    borderColor: color,
    backgroundColor: color,
    borderWidth: 3,
    borderDash: dash,
    showLine: true,
    pointRadius: 0,
    pointStyle: 'line' as const,
  });
  const title = (text: string) => ({ display: true, text, color: tokens.ink, font });
  return (
    <Scatter
      role="img"
      aria-label="Front share of braking over deceleration, ideal and actual"
      data={{
        datasets: [
          ...(ideal
            ? [
                line(
                  'Ideal: all four tyres alike',
                  at.map((x) => ({ x, y: ideal.frontLoadShare(x) * 100 })),
                  tokens.go,
                  [8, 4],
                ),
              ]
            : []),
          line('These brakes', actual, tokens.ink, []),
          ...(locks && ideal
            ? [
                {
                  label: `${locks.axle === 'front' ? 'Front' : 'Rear'} locks`,
                  data: [{ x: locks.decelMs2, y: ideal.frontLoadShare(locks.decelMs2) * 100 }],
                  borderColor: tokens.stop,
                  backgroundColor: tokens.stop,
                  pointRadius: 7,
                  pointStyle: 'rectRot' as const,
                },
              ]
            : []),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: {
            position: 'bottom',
            labels: { color: tokens.ink, font, usePointStyle: true, pointStyleWidth: 26 },
          },
        },
        scales: {
          x: {
            min: 0,
            max: TO_MS2,
            title: title('Deceleration, m/s²'),
            ticks: { color: tokens.ink, font },
            grid: { color: tokens.rule },
          },
          y: {
            min: 40,
            max: 100,
            title: title('Front share, %'),
            ticks: { color: tokens.ink, font },
            grid: { color: tokens.rule },
          },
        },
      }}
    />
  );
}
