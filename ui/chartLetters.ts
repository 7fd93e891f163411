import { type ChartDataset, defaults } from 'chart.js';
import type { useTokens } from '@/ui/useTokens';

const FONT = { family: 'Archivo Variable', size: 14 };

/** The legend of a chart: a line is shown broken as it is drawn. */
export function chartLegend(
  tokens: ReturnType<typeof useTokens>,
  position: 'bottom' | 'right' = 'bottom',
  sampleWidth = 30,
) {
  return {
    position,
    labels: {
      ...{ color: tokens.ink, font: FONT, usePointStyle: true, pointStyleWidth: sampleWidth },
      // The library's own take a sample's look from a point, which has no dashes.
      generateLabels: (chart: Parameters<typeof defaults.plugins.legend.labels.generateLabels>[0]) =>
        defaults.plugins.legend.labels.generateLabels(chart).map((item) => {
          const { borderDash } = chart.data.datasets[item.datasetIndex!] as ChartDataset<'scatter'>;
          return { ...item, lineDash: (borderDash as number[] | undefined) ?? [] };
        }),
    },
  };
}

/** The letters of a chart's legend and axes, in the theme's colours. */
export function chartLetters(tokens: ReturnType<typeof useTokens>) {
  return {
    legend: chartLegend(tokens),
    axis: (text: string, range: { min?: number; max?: number } = { min: 0 }) => ({
      ...range,
      title: { display: true, text, color: tokens.ink, font: FONT },
      ticks: { color: tokens.ink, font: FONT },
      grid: { color: tokens.rule },
    }),
  };
}
