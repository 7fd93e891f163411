'use client';

import type { FluidResult } from '@/core/readings/fluid/fluid';
import { useUnits } from '../../shell/useUnits';

/** A reading above the dry point on file: good news where that is the class's, a question where it is the product's. */
export function BetterThanClass({ result }: { result: FluidResult }) {
  const { full } = useUnits();
  const dryC = result.limits.find(({ name }) => name === 'dryC')?.value;
  if (!result.gaps.some(({ path }) => path === 'dryC')) return null;
  const above = full(dryC, '°C', 0);
  return result.betterThanClass ? (
    <p>
      <b className="font-semibold">Better than its class</b>, which asks for {above}. Its water shows once the
      product’s own dry and wet points are on file.
    </p>
  ) : (
    <p>It boils above {above}, the dry point on file: is that pair this fluid’s?</p>
  );
}
