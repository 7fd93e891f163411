'use client';

import { AXLES, type Place } from '@/core/car/corner';
import type { FindingId } from '@/core/readings/vocabulary/findings';
import { Keys } from '@/ui/Keys';
import { useJob } from '../../record/JobProvider';

/** What somebody had in hand since the brakes were last good, in one word each. */
const TOUCHED: readonly { finding: FindingId; word: string }[] = [
  { finding: 'system_opened', word: 'Fluid or lines' },
  { finding: 'caliper_fitted', word: 'Calipers' },
  { finding: 'master_fitted', word: 'Master or booster' },
  { finding: 'friction_new', word: 'Pads or rotors' },
  { finding: 'hub_work', word: 'Hub or bearing' },
  { finding: 'brake_conversion', word: 'Other sizes fitted' },
];

/** Of pads or rotors, which it was. */
const RENEWED: readonly { finding: FindingId; word: string }[] = [
  { finding: 'pads_new', word: 'Pads' },
  { finding: 'rotors_new', word: 'Rotors' },
];
const PLACES: readonly (Place | undefined)[] = [undefined, ...AXLES];

const NONE = 'none';

/** The best question there is, asked first: what was touched last. Each a key; none, and it is said so in one press. */
export function Touched() {
  const { stateOf, answer, closed } = useJob();
  const stateAt = (finding: FindingId) => stateOf('before', finding, undefined);
  const none = TOUCHED.every(({ finding }) => stateAt(finding) === 'no');
  const press = (value: string) => {
    if (value === NONE)
      for (const { finding } of TOUCHED) answer('before', finding, undefined, none ? null : 'no');
    else {
      const finding = value as FindingId;
      answer('before', finding, undefined, stateAt(finding) === 'yes' ? null : 'yes');
    }
  };
  return (
    <fieldset className="mt-3 flex flex-wrap items-center gap-y-2">
      <legend className="mb-1 font-semibold">Touched since it was last good</legend>
      <Keys
        disabled={closed}
        onPress={press}
        keys={[
          ...TOUCHED.map(({ finding, word }) => ({
            value: finding,
            label: word,
            pressed: stateAt(finding) === 'yes',
          })),
          { value: NONE, label: 'None of these', pressed: none },
        ]}
      />
      {stateAt('friction_new') === 'yes' && <Renewed />}
    </fieldset>
  );
}

/** Pads, rotors or both, where the one before was pressed; the end of the car is told further down, where it is known. */
function Renewed() {
  const { stateOf, answer, closed } = useJob();
  const newAt = (finding: FindingId) => PLACES.filter((place) => stateOf('before', finding, place) === 'yes');
  const press = (value: string) => {
    const finding = value as FindingId;
    const at = newAt(finding);
    if (at.length === 0) answer('before', finding, undefined, 'yes');
    for (const place of at) answer('before', finding, place, null);
  };
  return (
    <fieldset className="flex basis-full flex-wrap items-center gap-x-3">
      <legend className="sr-only">New</legend>
      <span className="text-soft">New:</span>
      <div className="flex flex-wrap">
        <Keys
          disabled={closed}
          onPress={press}
          keys={RENEWED.map(({ finding, word }) => ({
            value: finding,
            label: word,
            pressed: newAt(finding).length > 0,
          }))}
        />
      </div>
    </fieldset>
  );
}
