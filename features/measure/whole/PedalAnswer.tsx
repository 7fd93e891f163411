'use client';

import { pedalRatio } from '@/core/readings/pedal/pedalRatio';
import type { PedalRatioInput } from '@/core/readings/pedal/pedalRatioSchema';
import { figure } from '@/ui/format';
import { PedalPicture } from '@/ui/PedalPicture';
import { useUnits } from '../../shell/useUnits';

/** The ratio, and what it takes to have another: where the clevis goes, how far the master moves with it, what the floor says. */
export function PedalAnswer({ input }: { input: PedalRatioInput }) {
  const units = useUnits();
  const { ratio, state, bForTargetMm, raiseMm, newTravelMm, meetsFloor, spareMm } = pedalRatio(input);
  const words = {
    ratio: `${units.show(input.aMm, 'mm', 0)} / ${units.show(input.bMm, 'mm', 0)} = ${figure(ratio, 2)}`,
    ...(raiseMm === undefined
      ? {}
      : {
          raise: `${figure(input.targetRatio, 2)}: clevis and master ${units.full(Math.abs(raiseMm), 'mm', 1)} ${raiseMm >= 0 ? 'up' : 'down'}`,
        }),
    ...(newTravelMm === undefined
      ? {}
      : {
          travel: `full stroke ${units.full(newTravelMm, 'mm', 0)} at the pad${spareMm === undefined ? '' : meetsFloor ? ': meets the floor first' : `, ${units.full(spareMm, 'mm', 0)} to spare`}`,
        }),
  };
  return (
    <>
      <p>
        <span className="reading mr-2 font-semibold">{words.ratio}</span>
        {state === 'low' ? 'below the band' : state === 'high' ? 'above the band' : 'in the band'}
        {bForTargetMm !== undefined && (
          <>
            . For {figure(input.targetRatio, 2)} the clevis sits{' '}
            <b className="reading font-semibold">{units.full(bForTargetMm, 'mm', 1)}</b> from the pivot; it
            and the master move {units.full(Math.abs(raiseMm!), 'mm', 1)} {raiseMm! >= 0 ? 'up' : 'down'}{' '}
            together, so that the rod stays level
          </>
        )}
        .
      </p>
      {meetsFloor && (
        <p className="border-l-[6px] border-stop bg-stop-wash px-3 py-2 font-semibold text-stop">
          The pedal meets the floor before the master is through: a lower ratio, another master, or the pedal
          set higher.
        </p>
      )}
      <PedalPicture
        aMm={input.aMm}
        bMm={input.bMm}
        targetBMm={bForTargetMm}
        travelMm={newTravelMm}
        floorMm={input.floorMm}
        words={words}
      />
    </>
  );
}
