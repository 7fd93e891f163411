export type Fit = {
  /** One a column. */
  coefficients: number[];
  /** (XᵀX)⁻¹: times the variance of one reading, what the coefficients vary together. */
  spread: number[][];
  /** Sum of the squared residuals. */
  residual: number;
};

/**
 * Linear least squares by Gram–Schmidt (modified, columns brought to unit length first), for a handful of columns.
 * Method: Golub and Van Loan, Matrix Computations, 5.2 and 5.3.
 * @param rows one a reading, one figure a column
 * @returns undefined where the columns cannot be told apart by these rows, or there are fewer rows than columns
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  values: readonly number[],
): Fit | undefined {
  const width = rows[0]?.length ?? 0;
  if (width === 0 || rows.length < width) return undefined;
  const scale = columns(width, (at) => Math.hypot(...rows.map((row) => row[at]!)));
  if (scale.some((each) => each === 0)) return undefined;
  const basis = columns(width, (at) => rows.map((row) => row[at]! / scale[at]!));
  const upper = columns(width, () => new Array<number>(width).fill(0));
  for (let at = 0; at < width; at++) {
    for (let before = 0; before < at; before++) {
      const share = dot(basis[before]!, basis[at]!);
      upper[before]![at] = share;
      basis[at] = basis[at]!.map((each, row) => each - share * basis[before]![row]!);
    }
    const length = Math.hypot(...basis[at]!);
    if (length < ALIKE) return undefined;
    upper[at]![at] = length;
    basis[at] = basis[at]!.map((each) => each / length);
  }
  const inverse = invert(upper);
  const projected = basis.map((each) => dot(each, values));
  const coefficients = inverse.map((row, at) => dot(row, projected) / scale[at]!);
  const spread = inverse.map((left, i) =>
    inverse.map((right, j) => dot(left, right) / (scale[i]! * scale[j]!)),
  );
  const residual = rows.reduce((sum, row, at) => sum + (values[at]! - dot(row, coefficients)) ** 2, 0);
  return { coefficients, spread, residual };
}

/** Columns closer than this to what the others span are not told apart. */
const ALIKE = 1e-7;

const columns = <T>(width: number, make: (at: number) => T) =>
  Array.from({ length: width }, (_, at) => make(at));

const dot = (left: readonly number[], right: readonly number[]) =>
  left.reduce((sum, each, at) => sum + each * right[at]!, 0);

/** The inverse of an upper triangle, by back substitution. */
function invert(upper: readonly (readonly number[])[]): number[][] {
  const size = upper.length;
  const inverse = columns(size, () => new Array<number>(size).fill(0));
  for (let column = 0; column < size; column++)
    for (let row = column; row >= 0; row--) {
      let sum = row === column ? 1 : 0;
      for (let at = row + 1; at <= column; at++) sum -= upper[row]![at]! * inverse[at]![column]!;
      inverse[row]![column] = sum / upper[row]![row]!;
    }
  return inverse;
}
