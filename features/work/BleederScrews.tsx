'use client';

import { CORNERS, type Corner } from '@/core/car/corner';
import { Keys } from '@/ui/Keys';
import { useJob } from '../record/JobProvider';

/** Asked while there is still an evening to soak them: which bleeders will not turn. An answer of the checks like any other. */
export function BleederScrews({ corners }: { corners: readonly Corner[] }) {
  const { stateOf, answer, closed } = useJob();
  const state = (corner: Corner) => stateOf('before', 'bleeder_screw', corner);
  return (
    <fieldset aria-label="Bleeders that will not turn">
      <legend className="narrow text-small font-semibold">
        Bleeders that will not turn{' '}
        <span className="font-normal text-soft">
          an old car, a salted road: tried with a ring spanner before the bottles are out
        </span>
      </legend>
      <div className="flex">
        <Keys
          keys={CORNERS.filter((corner) => corners.includes(corner)).map((corner) => ({
            value: corner,
            label: corner,
            pressed: state(corner) === 'stuck',
          }))}
          disabled={closed}
          onPress={(value) => {
            const corner = value as Corner;
            answer('before', 'bleeder_screw', corner, state(corner) === 'stuck' ? 'turns' : 'stuck');
          }}
        />
      </div>
    </fieldset>
  );
}
