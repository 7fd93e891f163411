'use client';

import { convert } from '@/core/base/units/convert';
import { parseMeasure } from '@/core/base/units/parse';
import { PRESSURE_SCHOOLS, WAYS } from '@/core/planning/ways';
import { figure } from '@/ui/format';
import { Part } from '@/ui/Part';
import { SetupNumber, SetupSelect, useSetup } from './SetupFields';

type Way = keyof typeof WAYS;
type WayOptions = Record<string, readonly [label: string, about: string]>;

/** Where good people disagree about bleeding: the shop's ways. */
export function BleedingPart() {
  const { typed } = useSetup();
  return (
    <Part title="Schools: bleeding">
      {(Object.keys(WAYS) as Way[]).map((way) => (
        <SetupSelect
          key={way}
          name={way}
          label={WAYS[way].label}
          options={labelsOf(WAYS[way].options)}
          hint={`${(WAYS[way].options as WayOptions)[typed[way]]?.[1]}${way === 'bleedOrder' ? '; the maker’s own order for a car always wins' : ''}`}
        />
      ))}
      <SetupNumber
        name="bleedPressureKPa"
        label="Working pressure"
        unit="kPa"
        hint={pressureHint(typed.bleedPressureKPa)}
      />
      <SetupNumber name="bottleMl" label="Bottle" unit="ml" />
      <SetupNumber
        name="catchMl"
        label="Catch bottle"
        unit="ml"
        hint="The plan has it emptied before it runs over"
      />
    </Part>
  );
}

function labelsOf(options: WayOptions): Record<string, string> {
  return Object.fromEntries(Object.entries(options).map(([id, [label]]) => [id, label]));
}

/** The pressure in the other units gauges have, and who holds to about it. */
function pressureHint(text: string): string {
  const kPa = parseMeasure(text, 'kPa');
  if (kPa === undefined) return '15 psi or 1 bar is taken too';
  const near = PRESSURE_SCHOOLS.find((school) => Math.abs(school.kPa - kPa) < 3);
  const school = near?.about ?? `Held to: ${PRESSURE_SCHOOLS.map(({ psi }) => psi).join(', ')}`;
  return `${figure(convert(kPa, 'kPa', 'psi'), 0)} psi, ${figure(convert(kPa, 'kPa', 'bar'), 2)} bar. ${school}`;
}
