'use client';

import { Chart as ChartJS, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { dynamicBalance } from '@/core/car/hydraulics/balance';
import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { chartLetters } from '@/ui/chartLetters';
import { chartLine } from '@/ui/chartLine';
import { useTokens } from '@/ui/useTokens';

ChartJS.register(LinearScale, PointElement, LineElement, Tooltip, Legend);

const STEPS = 40;
const TO_MS2 = 14;
/** As hard as a foot presses, N. */
const MOST_FORCE_N = 800;

/** The front's share of braking over deceleration: what the brakes do, and what would use all four tyres alike. */
export function BalanceChart({ input }: { input: HydraulicsInput }) {
  const tokens = useTokens();
  const { legend, axis } = chartLetters(tokens);
  const ideal = dynamicBalance(input);
  const at = Array.from({ length: STEPS + 1 }, (_, step) => (step / STEPS) * TO_MS2);
  const actual = Array.from({ length: STEPS }, (_, step) => ((step + 1) / STEPS) * MOST_FORCE_N).flatMap(
    (forceN) => {
      const pressed = hydraulics({ ...input, tyreGrip: undefined, pedal: { ...input.pedal, forceN } });
      return pressed.frontShare === null || pressed.decelMs2 > TO_MS2
        ? []
        : [{ x: pressed.decelMs2, y: pressed.frontShare * 100 }];
    },
  );
  const { locks } = hydraulics(input);
  const line = (label: string, data: { x: number; y: number }[], color: string, dash: number[]) =>
    chartLine(label, data, color, { width: 3, dash });
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
          legend,
        },
        scales: {
          x: axis('Deceleration, m/s²', { min: 0, max: TO_MS2 }),
          y: axis('Front share, %', { min: 40, max: 100 }),
        },
      }}
    />
  );
}
