import { studentTail } from '../../base/statistics/studentT';
import { component } from './orders';

export type Outlier = {
  /** Which station, counted from 0, and how far it stands off what the others say, mm. */
  station: number;
  offMm: number;
};

/** Chance, over all stations together, of pointing at one when all are good. */
const FALSE_ALARM = 0.01;

/**
 * The one station that does not belong to the trace: a rust pip under the tip, a knock, a slip of the pen.
 * The others are fitted with a mean, a wobble and (from ten stations) an order 2; the station's deleted residual is held
 * against Student's t with Bonferroni's correction (Cook and Weisberg, Residuals and Influence in Regression, 1982).
 * Stations at even steps all weigh alike, so that the deleted residual is the plain one over 1 − p/N.
 * @param resolutionMm what the dial can tell; nothing within three of it is pointed at
 */
export function outlierOf(readings: readonly number[], resolutionMm: number): Outlier | undefined {
  const count = readings.length;
  if (count < 8) return undefined;
  const orders = count < 10 ? 1 : 2;
  const parameters = 1 + 2 * orders;
  const residuals = residualsOf(readings, orders);
  const freedom = count - parameters - 1;
  const left = 1 - parameters / count;
  const squares = residuals.reduce((sum, each) => sum + each ** 2, 0);
  const station = residuals.reduce(
    (worst, each, index) => (Math.abs(each) > Math.abs(residuals[worst]!) ? index : worst),
    0,
  );
  const offMm = residuals[station]! / left;
  if (Math.abs(offMm) <= 3 * resolutionMm) return undefined;
  const others = Math.max(0, squares - residuals[station]! ** 2 / left) / freedom;
  // A dial cannot repeat better than a share of its own step.
  const noise = Math.max(others, (resolutionMm / Math.sqrt(12)) ** 2);
  const chance = studentTail(residuals[station]! / Math.sqrt(noise * left), freedom) * count;
  return chance < FALSE_ALARM ? { station, offMm } : undefined;
}

function residualsOf(readings: readonly number[], orders: number): number[] {
  const count = readings.length;
  const mean = readings.reduce((sum, each) => sum + each, 0) / count;
  const parts = Array.from({ length: orders }, (_, index) => ({
    order: index + 1,
    ...component(readings, index + 1),
  }));
  return readings.map((reading, station) =>
    parts.reduce((rest, { order, cosine, sine }) => {
      const angle = (2 * Math.PI * order * station) / count;
      return rest - (2 / count) * (cosine * Math.cos(angle) + sine * Math.sin(angle));
    }, reading - mean),
  );
}
