'use client';

import { type ReactNode, useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { convert } from '@/core/base/units/convert';
import { parseMeasure } from '@/core/base/units/parse';
import { BED_IN_SCHOOLS, type BedInSchool } from '@/core/planning/bedin/schools';
import { FLUID_SCHOOLS } from '@/core/planning/due/fluid';
import { PRESSURE_SCHOOLS, WAYS } from '@/core/planning/ways';
import type { ShopRow } from '@/server/shop/queries';
import { Button } from '@/ui/Button';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { Link } from '@/ui/Link';
import type { Refusal } from '../../shell/refusal';
import { refusedField, requestForm } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { sentNumber } from '../../shell/typedNumber';
import { unitsIn } from '../../shell/units';
import { useRefresh } from '../../shell/useRefresh';
import { LimitFields, limitsOf, limitTexts } from './LimitFields';

type Draft = Record<Exclude<keyof ShopRow, 'version' | 'isDemo' | 'limits'>, string>;

/** Who holds to about this pressure, or what is held to. */
function pressureSchool(kPa: number): string {
  const near = PRESSURE_SCHOOLS.find((school) => Math.abs(school.kPa - kPa) < 3);
  return near?.about ?? `Held to: ${PRESSURE_SCHOOLS.map((school) => school.psi).join(', ')}`;
}

/** How long a sign-in lasts, by its hours. */
const SIGNED_IN: Record<string, string> = {
  12: 'A working day',
  72: 'Three days',
  336: 'Two weeks',
  2160: 'Three months',
};

/** The choices, and one that was set some other way. */
function withChosen(choices: Record<string, string>, hours: string): Record<string, string> {
  return { [hours]: `${hours} hours`, ...choices };
}

type WayOptions = Record<string, readonly [label: string, about: string]>;

/** The shop: where it stands, and its ways where good people disagree. */
export function SetupForm({ shop }: { shop: ShopRow }) {
  const refreshPage = useRefresh();
  const { today } = useShop();
  const { version, isDemo: _, limits, ...settings } = shop;
  // As the shop measured when the page was opened: what is typed keeps its meaning until it is saved.
  const [units, setUnits] = useState(() => unitsIn(shop));
  const [own, setOwn] = useState(() => limitTexts(limits, units));
  const [draft, setDraft] = useState<Draft>(
    () =>
      Object.fromEntries(Object.entries(settings).map(([field, value]) => [field, String(value)])) as Draft,
  );
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [saved, setSaved] = useState(false);
  const set = (field: keyof Draft) => (event: { target: { value: string } }) => {
    setDraft({ ...draft, [field]: event.target.value });
    setSaved(false);
  };
  const errorOf = (field: string) => refusedField(refusal, field);
  const save = async () => {
    const content = {
      ...draft,
      limits: limitsOf(own, limits, units),
      altitudeM: parseMeasure(draft.altitudeM, 'm') ?? draft.altitudeM,
      bleedPressureKPa: parseMeasure(draft.bleedPressureKPa, 'kPa') ?? draft.bleedPressureKPa,
      bottleMl: parseMeasure(draft.bottleMl, 'ml') ?? draft.bottleMl,
      catchMl: parseMeasure(draft.catchMl, 'ml') ?? draft.catchMl,
      learnStrength: sentNumber(draft.learnStrength) ?? '',
      signedInHours: Number(draft.signedInHours),
    };
    const reply = await requestForm<ShopRow>('PUT', '/api/shop', {
      kind: 'shop',
      content,
      beside: { version },
    });
    setRefusal(reply.ok ? null : reply.refusal);
    setSaved(reply.ok);
    if (!reply.ok) return;
    const now = unitsIn(reply.value);
    setUnits(now);
    setOwn(limitTexts(reply.value.limits, now));
    refreshPage();
  };
  const pressure = parseMeasure(draft.bleedPressureKPa, 'kPa');
  return (
    <div className="mx-auto max-w-4xl p-5">
      <h1 className="mb-4 text-3xl">Setup</h1>
      <form
        className="grid gap-6"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Part title="The shop">
          <TextField
            label="Name"
            value={draft.name}
            onChange={set('name')}
            error={errorOf('name')}
            maxLength={120}
          />
          <TextField
            label="Circuit nearby"
            value={draft.circuit}
            onChange={set('circuit')}
            error={errorOf('circuit')}
            maxLength={120}
          />
          <NumberField
            label="Altitude"
            unit="m"
            value={draft.altitudeM}
            onChange={set('altitudeM')}
            error={errorOf('altitudeM')}
            hint="Fluid boils earlier higher up; 1100 ft is taken too"
          />
          <TextField
            label="Time zone"
            value={draft.timeZone}
            onChange={set('timeZone')}
            error={errorOf('timeZone')}
            hint="Such as Europe/Prague"
          />
          <SelectField
            label="A sign-in that is not used ends after"
            value={draft.signedInHours}
            onChange={set('signedInHours')}
            hint="A device without a network goes on for as long"
          >
            {Object.entries(withChosen(SIGNED_IN, draft.signedInHours)).map(([hours, words]) => (
              <option key={hours} value={hours}>
                {words}
              </option>
            ))}
          </SelectField>
          <p className="self-end">
            <Link href="/setup/people" className="mr-4 underline underline-offset-4">
              People and devices
            </Link>
            <Link href="/setup/audit" className="mr-4 underline underline-offset-4">
              Who did what
            </Link>
            <Link href="/setup/phone" className="underline underline-offset-4">
              A phone
            </Link>
          </p>
        </Part>
        <Part title="Schools: fluid">
          <SelectField
            label="Change the fluid"
            value={draft.fluidSchool}
            onChange={set('fluidSchool')}
            hint={FLUID_SCHOOLS[draft.fluidSchool as keyof typeof FLUID_SCHOOLS].about}
          >
            {Object.entries(FLUID_SCHOOLS).map(([id, school]) => (
              <option key={id} value={id}>
                {units.words(school.label)}
              </option>
            ))}
          </SelectField>
        </Part>
        <Part title="Schools: bleeding">
          {(Object.keys(WAYS) as (keyof typeof WAYS)[]).map((way) => (
            <SelectField
              key={way}
              label={WAYS[way].label}
              value={draft[way]}
              onChange={set(way)}
              hint={`${(WAYS[way].options as WayOptions)[draft[way]]?.[1]}${way === 'bleedOrder' ? '; the maker’s own order for a car always wins' : ''}`}
            >
              {Object.entries(WAYS[way].options).map(([id, [label]]) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </SelectField>
          ))}
          <NumberField
            label="Working pressure"
            unit="kPa"
            value={draft.bleedPressureKPa}
            onChange={set('bleedPressureKPa')}
            error={errorOf('bleedPressureKPa')}
            hint={
              pressure === undefined
                ? '15 psi or 1 bar is taken too'
                : `${figure(convert(pressure, 'kPa', 'psi'), 0)} psi, ${figure(convert(pressure, 'kPa', 'bar'), 2)} bar. ${pressureSchool(pressure)}`
            }
          />
          <NumberField
            label="Bottle"
            unit="ml"
            value={draft.bottleMl}
            onChange={set('bottleMl')}
            error={errorOf('bottleMl')}
          />
          <NumberField
            label="Catch bottle"
            unit="ml"
            value={draft.catchMl}
            onChange={set('catchMl')}
            error={errorOf('catchMl')}
            hint="The plan has it emptied before it runs over"
          />
        </Part>
        <Part title="Schools: bedding in">
          <SelectField
            label="Bed pads in"
            value={draft.bedInSchool}
            onChange={set('bedInSchool')}
            hint={
              draft.bedInSchool === 'maker'
                ? 'The pad maker’s own way comes before any school; its slowdowns are typed in the plan'
                : BED_IN_SCHOOLS[draft.bedInSchool as BedInSchool].about
            }
          >
            {Object.entries(BED_IN_SCHOOLS).map(([id, school]) => (
              <option key={id} value={id}>
                {school.label}
              </option>
            ))}
            <option value="maker">The pad maker’s own</option>
          </SelectField>
        </Part>
        <Part title="Judgement">
          <NumberField
            label="Built-in knowledge counts as"
            unit="jobs"
            value={draft.learnStrength}
            onChange={set('learnStrength')}
            error={errorOf('learnStrength')}
            hint="Each confirmed job of yours counts as one; 0 learns nothing from them"
          />
          <p className="self-end">
            <Link href="/setup/knowledge" className="mr-4 underline underline-offset-4">
              What it knows
            </Link>
            <Link href="/setup/calibration" className="underline underline-offset-4">
              How often it was right
            </Link>
          </p>
        </Part>
        <Part title="Dates and units">
          <SelectField label="Dates" value={draft.dateOrder} onChange={set('dateOrder')}>
            <option value="day_first">{dayWords(today, 'day_first')}</option>
            <option value="month_first">{dayWords(today, 'month_first')}</option>
          </SelectField>
          <TextField
            label="Money"
            value={draft.currency}
            maxLength={3}
            onChange={set('currency')}
            error={errorOf('currency')}
            hint="As banks write it: EUR, GBP, USD"
          />
          <SelectField
            label="Lengths"
            value={draft.lengthUnit}
            onChange={set('lengthUnit')}
            hint="Any device may choose otherwise; either is taken everywhere"
          >
            <option value="mm">Millimetres; N·m, kg, km/h</option>
            <option value="in">Inches; lbf·ft, lb, mph</option>
          </SelectField>
          <SelectField label="Temperatures" value={draft.temperatureUnit} onChange={set('temperatureUnit')}>
            <option value="°C">°C</option>
            <option value="°F">°F</option>
          </SelectField>
          <SelectField label="Pressures" value={draft.pressureUnit} onChange={set('pressureUnit')}>
            <option value="kPa">kPa</option>
            <option value="bar">bar</option>
            <option value="psi">psi</option>
          </SelectField>
        </Part>
        <LimitFields
          texts={own}
          onChange={(name, text) => {
            setOwn({ ...own, [name]: text });
            setSaved(false);
          }}
          errorOf={errorOf}
          units={units}
        />
        {refusal && (
          <p role="alert" className="font-semibold text-stop">
            {refusal.message}
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button look="primary" type="submit">
            Save
          </Button>
          <span role="status" className="font-semibold text-go">
            {saved ? 'Saved.' : ''}
          </span>
        </div>
      </form>
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">{title}</legend>
      <div className="grid gap-4 sm:grid-cols-2">{children}</div>
    </fieldset>
  );
}
