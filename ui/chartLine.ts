type Point = { x: number; y: number };

/** A line on a chart without points of its own; its legend shows the line itself. */
export function chartLine(
  label: string,
  data: Point[],
  color: string,
  { width = 2, dash = [] }: { width?: number; dash?: number[] } = {},
) {
  return {
    ...{ label, data, borderColor: color, backgroundColor: color, borderWidth: width, borderDash: dash },
    ...{ showLine: true, pointRadius: 0, pointStyle: 'line' as const },
  };
}
