'use client';

import { MATES, WHY_OFF } from '@/core/planning/shelf/fitted';
import { SelectField } from '@/ui/Field';

export type CameOff = { oldWhy: string; oldMate: string };

/** As the server takes it: nothing chosen is not said. */
export function readCameOff({ oldWhy, oldMate }: CameOff) {
  return { oldWhy: oldWhy === '' ? null : oldWhy, oldMate: oldMate === '' ? null : oldMate };
}

type Props = { value: CameOff; onChange: (value: CameOff) => void };

/** Why the old part came off, and how its mate was: what a shop learns about pairs from. */
export function CameOffFields({ value, onChange }: Props) {
  return (
    <>
      <Chosen
        label="The old one came off"
        options={WHY_OFF}
        value={value.oldWhy}
        onChange={(oldWhy) => onChange({ ...value, oldWhy })}
      />
      <Chosen
        label="Its mate"
        options={MATES}
        value={value.oldMate}
        onChange={(oldMate) => onChange({ ...value, oldMate })}
      />
    </>
  );
}

type ChosenProps = {
  label: string;
  options: Readonly<Record<string, string>>;
  value: string;
  onChange: (value: string) => void;
};

function Chosen({ label, options, value, onChange }: ChosenProps) {
  return (
    <SelectField label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      <option value="">Not said</option>
      {Object.entries(options).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </SelectField>
  );
}
