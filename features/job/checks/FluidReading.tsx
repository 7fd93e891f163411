'use client';

import { useState } from 'react';
import { FLUID_CLASSES, type FluidClass } from '@/core/fluid/classes';
import type { Phase } from '@/core/job/sheet';
import { headOf } from '@/core/job/standing';
import { parseMeasure } from '@/core/units/parse';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { useShop } from '../../shell/ShopContext';
import { useKept } from '../../shell/useKept';
import { useDesk } from '../desk/Desk';

type Typed = { moisture: string; boiling: string; peak: string };
const NOTHING: Typed = { moisture: '', boiling: '', peak: '' };

/** Water, boiling point and caliper peak, as the testers show them. */
export function FluidReading({ phase = 'before' }: { phase?: Phase }) {
  const { sheet, read, closed } = useDesk();
  const shop = useShop();
  const [typed, keep] = useKept<Typed>(`fluid.${phase}.${sheet.job.id}`, NOTHING);
  const [errors, setErrors] = useState<Partial<Typed>>({});
  const { car } = sheet;
  const fluid: FluidClass = car.fluidClass ?? 'DOT4';
  const silicone = FLUID_CLASSES[fluid].silicone;
  const onFile = headOf(sheet.readings, phase, (row) => row.kind === 'fluid')?.input as
    | Record<string, number>
    | null
    | undefined;
  const set = (field: keyof Typed) => (event: { target: { value: string } }) =>
    keep({ ...typed, [field]: event.target.value });

  const save = () => {
    const moisture = typed.moisture.trim() === '' ? undefined : parsePercent(typed.moisture);
    const boiling = typed.boiling.trim() === '' ? undefined : parseMeasure(typed.boiling, '°C');
    const peak = typed.peak.trim() === '' ? undefined : parseMeasure(typed.peak, '°C');
    const dry = car.fluidDryC ?? FLUID_CLASSES[fluid].dryC;
    const wrong: Partial<Typed> = {
      ...(typed.moisture.trim() !== '' && !between(moisture, 0, 10)
        ? { moisture: `Water is ${typed.moisture}: 0 to 10 % is accepted` }
        : {}),
      ...(typed.boiling.trim() !== '' && !(between(boiling, 110, dry) && boiling !== 110)
        ? {
            boiling: `Boiling point is ${typed.boiling}: over 110 and not above ${dry} °C, this fluid’s dry point`,
          }
        : {}),
      ...(typed.peak.trim() !== '' && !between(peak, -40, 1000)
        ? { peak: `Caliper peak is ${typed.peak}: −40 to 1000 °C is accepted` }
        : {}),
      ...(typed.moisture.trim() === '' && typed.boiling.trim() === '' && typed.peak.trim() === ''
        ? { moisture: 'Enter what the tester shows' }
        : {}),
    };
    setErrors(wrong);
    if (Object.keys(wrong).length > 0) return;
    const pair =
      car.fluidDryC !== null && car.fluidWetC !== null ? { dryC: car.fluidDryC, wetC: car.fluidWetC } : {};
    // A field left empty keeps the figure on file: three testers are rarely used in one go.
    const before = onFile ?? {};
    read(phase, 'fluid', {
      class: fluid,
      ...pair,
      altitudeM: shop.altitudeM,
      ...definedOnly({
        moisturePct: moisture ?? before.moisturePct,
        boilingC: boiling ?? before.boilingC,
        caliperPeakC: peak ?? before.caliperPeakC,
      }),
    });
    keep(NOTHING);
  };

  return (
    <form
      className="mt-2 flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      {!silicone && (
        <NumberField
          label="Water"
          unit="%"
          className="w-32"
          value={typed.moisture}
          onChange={set('moisture')}
          error={errors.moisture}
          placeholder={figureOrBlank(onFile?.moisturePct, 1)}
          disabled={closed}
        />
      )}
      <NumberField
        label="Boils at"
        unit="°C"
        className="w-36"
        value={typed.boiling}
        onChange={set('boiling')}
        error={errors.boiling}
        placeholder={figureOrBlank(onFile?.boilingC, 0)}
        disabled={closed}
      />
      <NumberField
        label="Caliper peak"
        unit="°C"
        className="w-36"
        value={typed.peak}
        onChange={set('peak')}
        error={errors.peak}
        placeholder={figureOrBlank(onFile?.caliperPeakC, 0)}
        disabled={closed}
      />
      <Button type="submit" className="mt-6" disabled={closed}>
        {onFile ? 'Correct the reading' : 'Take the reading'}
      </Button>
      <p className="basis-full text-[0.9375rem] text-soft">
        {FLUID_CLASSES[fluid].label}
        {car.fluidClass === null && ' (assumed: the car’s class is not on file)'}. Water: dry under 1 %, wet
        from 3 %. Boiling: enough from 200 °C, low under 175. Common practice.
      </p>
    </form>
  );
}

function parsePercent(text: string): number | undefined {
  const value = Number(text.trim().replace(',', '.').replace(/\s*%$/, ''));
  return Number.isFinite(value) ? value : undefined;
}

function between(value: number | undefined, low: number, high: number): boolean {
  return value !== undefined && value >= low && value <= high;
}

function definedOnly(values: Record<string, number | undefined>): Record<string, number> {
  return Object.fromEntries(
    Object.entries(values).filter((entry): entry is [string, number] => entry[1] !== undefined),
  );
}

function figureOrBlank(value: number | undefined, decimals: number): string | undefined {
  return value === undefined ? undefined : figure(value, decimals);
}
