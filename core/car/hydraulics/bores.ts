/** Master bores that are made, mm: five eighths of an inch to one and an eighth, by sixteenths (common sizes, no source). */
const BORES_MM = [15.875, 17.4625, 19.05, 20.6375, 22.225, 23.8125, 25.4, 28.575] as const;

/** The made sizes nearest to a bore, itself left out: two under it and two over. */
export function boresBeside(boreMm: number): number[] {
  const others = BORES_MM.filter((each) => Math.abs(each - boreMm) > 0.1);
  return [
    ...others.filter((each) => each < boreMm).slice(-2),
    ...others.filter((each) => each > boreMm).slice(0, 2),
  ];
}
