'use client';

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
    </fieldset>
  );
}
