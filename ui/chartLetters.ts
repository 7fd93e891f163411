import type { useTokens } from '@/ui/useTokens';

const FONT = { family: 'Archivo Variable', size: 14 };

/** The letters of a chart's legend and axes, in the theme's colours. */
export function chartLetters(tokens: ReturnType<typeof useTokens>) {
  return {
    legend: {
      position: 'bottom' as const,
      labels: { color: tokens.ink, font: FONT, usePointStyle: true, pointStyleWidth: 26 },
    },
    axis: (text: string, range: { min?: number; max?: number } = { min: 0 }) => ({
      ...range,
      title: { display: true, text, color: tokens.ink, font: FONT },
      ticks: { color: tokens.ink, font: FONT },
      grid: { color: tokens.rule },
    }),
  };
}
