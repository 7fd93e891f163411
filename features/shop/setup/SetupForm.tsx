'use client';

import { useEffect, useRef } from 'react';
import { dayWords } from '@/core/base/dates';
import { BED_IN_SCHOOLS, type BedInSchool } from '@/core/planning/bedin/schools';
import { FLUID_SCHOOLS } from '@/core/planning/due/fluid';
import type { ShopRow } from '@/server/shop/queries';
import { Button } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { Part } from '@/ui/Part';
import { Trouble } from '@/ui/Trouble';
import { LeftLine } from '../../shell/LeftLine';
import { useShop } from '../../shell/ShopContext';
import { BleedingPart } from './BleedingPart';
import { LimitFields } from './LimitFields';
import { SetupNumber, SetupProvider, SetupSelect, SetupText, useSetup } from './SetupFields';
import { useSetupForm } from './useSetupForm';

/** The shop: where it stands, and its ways where good people disagree. */
export function SetupForm({ shop }: { shop: ShopRow }) {
  const { onSubmit, left, ...form } = useSetupForm(shop);
  const { refused } = form;
  const page = useRef<HTMLFormElement>(null);
  // The page is long: what was not taken may stand far above the key that saves.
  useEffect(() => {
    if (refused) page.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [refused]);
  return (
    <div className="mx-auto max-w-4xl p-5">
      <h1 className="mb-4 text-3xl">Setup</h1>
      <LeftLine left={left} draft={form.typed} back="As it is on file" />
      <SetupProvider value={form}>
        <form ref={page} className="grid gap-6" onSubmit={onSubmit}>
          <ShopPart />
          <FluidPart />
          <BleedingPart />
          <BedInPart />
          <JudgementPart />
          <UnitsPart />
          <LimitFields />
          <Trouble>{refused?.message}</Trouble>
          <div className="flex items-center gap-3">
            <Button look="primary" type="submit">
              Save
            </Button>
            <span role="status" className="font-semibold text-go">
              {form.saved ? 'Saved.' : ''}
            </span>
          </div>
        </form>
      </SetupProvider>
    </div>
  );
}

/** How long a sign-in lasts, by its hours. */
const SIGNED_IN: Record<string, string> = {
  12: 'A working day',
  72: 'Three days',
  336: 'Two weeks',
  2160: 'Three months',
};

function ShopPart() {
  const hours = useSetup().typed.signedInHours;
  return (
    <Part title="The shop">
      <SetupText name="name" label="Name" maxLength={120} />
      <SetupText name="circuit" label="Circuit nearby" maxLength={120} />
      <SetupNumber
        name="altitudeM"
        label="Altitude"
        unit="m"
        hint="Fluid boils earlier higher up; 1100 ft is taken too"
      />
      <SetupText name="timeZone" label="Time zone" hint="Such as Europe/Prague" />
      <SetupSelect
        name="signedInHours"
        label="A sign-in that is not used ends after"
        // One that was set some other way is a choice too.
        options={{ [hours]: `${hours} hours`, ...SIGNED_IN }}
        hint="A device without a network goes on for as long"
      />
      <Ways
        to={{
          '/setup/people': 'People and devices',
          '/setup/audit': 'Who did what',
          '/setup/phone': 'A phone',
        }}
      />
    </Part>
  );
}

function FluidPart() {
  const { typed, units } = useSetup();
  return (
    <Part title="Schools: fluid">
      <SetupSelect
        name="fluidSchool"
        label="Change the fluid"
        options={Object.fromEntries(
          Object.entries(FLUID_SCHOOLS).map(([id, { label }]) => [id, units.words(label)]),
        )}
        hint={FLUID_SCHOOLS[typed.fluidSchool as keyof typeof FLUID_SCHOOLS].about}
      />
    </Part>
  );
}

const BED_IN: Record<string, string> = {
  ...Object.fromEntries(Object.entries(BED_IN_SCHOOLS).map(([id, { label }]) => [id, label])),
  maker: 'The pad maker’s own',
};

function BedInPart() {
  const school = useSetup().typed.bedInSchool;
  return (
    <Part title="Schools: bedding in">
      <SetupSelect
        name="bedInSchool"
        label="Bed pads in"
        options={BED_IN}
        hint={
          school === 'maker'
            ? 'The pad maker’s own way comes before any school; its slowdowns are typed in the plan'
            : BED_IN_SCHOOLS[school as BedInSchool].about
        }
      />
    </Part>
  );
}

function JudgementPart() {
  return (
    <Part title="Judgement">
      <SetupNumber
        name="learnStrength"
        label="Built-in knowledge counts as"
        unit="jobs"
        hint="Each confirmed job of yours counts as one; 0 learns nothing from them"
      />
      <Ways to={{ '/setup/knowledge': 'What it knows', '/setup/calibration': 'How often it was right' }} />
    </Part>
  );
}

function UnitsPart() {
  const { today } = useShop();
  return (
    <Part title="Dates and units">
      <SetupSelect
        name="dateOrder"
        label="Dates"
        options={{ day_first: dayWords(today, 'day_first'), month_first: dayWords(today, 'month_first') }}
      />
      <SetupText name="currency" label="Money" maxLength={3} hint="As banks write it: EUR, GBP, USD" />
      <SetupSelect
        name="lengthUnit"
        label="Lengths"
        options={{ mm: 'Millimetres; N·m, kg, km/h', in: 'Inches; lbf·ft, lb, mph' }}
        hint="Any device may choose otherwise; either is taken everywhere"
      />
      <SetupSelect name="temperatureUnit" label="Temperatures" options={{ '°C': '°C', '°F': '°F' }} />
      <SetupSelect name="pressureUnit" label="Pressures" options={{ kPa: 'kPa', bar: 'bar', psi: 'psi' }} />
    </Part>
  );
}

/** Other pages of the setup. */
function Ways({ to }: { to: Record<string, string> }) {
  return (
    <p className="flex flex-wrap gap-x-4 self-end">
      {Object.entries(to).map(([href, words]) => (
        <Link key={href} href={href} className="underline underline-offset-4">
          {words}
        </Link>
      ))}
    </p>
  );
}
