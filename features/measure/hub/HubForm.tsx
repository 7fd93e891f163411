'use client';

import { useState } from 'react';
import { axleOf, type Corner } from '@/core/car/corner';
import { USUAL_RADII } from '@/core/car/usualRadii';
import { headOf } from '@/core/job/standing';
import { hub } from '@/core/readings/hub/reading';
import { reindex } from '@/core/readings/hub/reindex';
import type { ReindexInput } from '@/core/readings/hub/reindexSchema';
import { readRotor } from '@/core/readings/rotor/rotor';
import type { RotorInput } from '@/core/readings/rotor/schema';
import { Button } from '@/ui/Button';
import { useJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';
import { ReindexAnswer } from './ReindexAnswer';

/** Stations round a hub face: fewer bolts to pass than round a rotor. */
const STATIONS = 8;
const MOST_RUNOUT_MM = 2;
const BLANK = { runout: Array<string>(STATIONS).fill(''), hubRadius: '', rotorRadius: '', studs: '' };

const baseOf = (field: string) => (field === 'studs' ? undefined : ('mm' as const));

/** Rotor off: the hub face by stations, and whether turning the rotor on its studs would cure the runout. */
export function HubForm({ corner, onDone }: { corner: Corner; onDone?: OnDone }) {
  const { sheet } = useJob();
  const units = useUnits();
  const shop = useShop();
  const slot = useReading('reindex', corner);
  const axle = sheet.car[axleOf(corner)];
  const onFile = slot.head?.input as ReindexInput | undefined;
  const [kept, keep] = useTyped<typeof BLANK | null>(`hub.${sheet.job.id}.${corner}`, null, baseOf);
  const typed =
    kept ??
    (onFile?.hub.runoutMm
      ? { ...BLANK, runout: onFile.hub.runoutMm.map((mm) => units.asTyped(mm, 'mm')) }
      : BLANK);
  const [error, setError] = useState<string>();

  const entered: Record<string, string> = {};
  const values = typed.runout.map((text, station) => {
    const entry = units.read(text, 'mm');
    if (entry?.entered) entered[`hub.runoutMm[${station}]`] = entry.entered;
    return entry?.value ?? null;
  });
  const bad = values.findIndex(
    (value) => value !== null && (Number.isNaN(value) || Math.abs(value) > MOST_RUNOUT_MM),
  );
  const length = (text: string, own: number | null | undefined, usual: number) =>
    units.read(text, 'mm')?.value ?? own ?? usual;
  const hubRadius = length(typed.hubRadius, axle.hubRadiusMm, onFile?.hub.radiusMm ?? USUAL_RADII.hubMm);
  const rotorRadius = length(
    typed.rotorRadius,
    axle.rotorRadiusMm,
    onFile?.mounted?.radiusMm ?? USUAL_RADII.rotorMm,
  );
  const studs = typed.studs === '' ? (axle.studs ?? onFile?.studs ?? 5) : Number(typed.studs);
  const rotor = headOf(sheet.readings, 'before', (row) => row.kind === 'rotor' && row.corner === corner)
    ?.input as RotorInput | null | undefined;
  const whole = bad < 0 && values.every((value): value is number => value !== null);
  const wrong =
    bad >= 0
      ? `Station ${bad + 1} is ${typed.runout[bad]}: up to ${units.full(MOST_RUNOUT_MM, 'mm', 0)} either way is accepted`
      : !(hubRadius >= 10 && hubRadius <= 200)
        ? `The hub radius is ${typed.hubRadius}: ${units.show(10, 'mm', 0)} to ${units.full(200, 'mm', 0)} is accepted`
        : !(rotorRadius >= 50 && rotorRadius <= 300)
          ? `The dial’s radius is ${typed.rotorRadius}: ${units.show(50, 'mm', 0)} to ${units.full(300, 'mm', 0)} is accepted`
          : !(Number.isInteger(studs) && studs >= 3 && studs <= 10)
            ? `Studs is ${typed.studs}: 3 to 10 is accepted`
            : undefined;
  const input: ReindexInput | undefined =
    whole && !wrong
      ? {
          hub: { runoutMm: values as number[], radiusMm: hubRadius },
          ...(rotor ? { mounted: { runoutMm: readRotor(rotor).readMm, radiusMm: rotorRadius } } : {}),
          studs,
          ...hub.held!.own({ axle, shop: shop.limits }),
        }
      : undefined;
  const result = input && reindex(input);

  const save = () => {
    if (wrong) return setError(wrong);
    if (!input) {
      const missing = values.indexOf(null);
      setError(`Station ${missing + 1} has not been read`);
      focusCell(`hub-${corner}-${missing}`);
      return;
    }
    setError(undefined);
    const row = slot.save(input, entered);
    keep(null);
    onDone?.(row);
  };
  const change = (station: number, text: string) => {
    setError(undefined);
    keep({ ...typed, runout: typed.runout.map((each, index) => (index === station ? text : each)) });
  };
  return (
    <section aria-label={`Hub face ${corner}`} className="mt-2 grid gap-3">
      <p className="text-small text-soft">
        Rotor off, face bright. Station 1 at stud 1, the same way round as the rotor.
      </p>
      <div className="grid grid-cols-4 gap-x-3 gap-y-1 whitespace-nowrap sm:grid-cols-8">
        {typed.runout.map((text, station) => (
          <label
            key={`${corner} ${Math.round((360 * station) / STATIONS)}`}
            htmlFor={`hub-${corner}-${station}`}
            className="reading border-b border-rule text-small text-soft"
          >
            <span className="text-ink">{station + 1}</span> {Math.round((360 * station) / STATIONS)}°
            <MeasureCell
              id={`hub-${corner}-${station}`}
              label={`Hub face ${corner} station ${station + 1}`}
              base="mm"
              quantity="displacement"
              pose={{ point: 'hub_face', corner, angleDeg: (360 * station) / STATIONS }}
              value={text}
              invalid={station === bad}
              disabled={slot.closed}
              onChange={(next) => change(station, next)}
              onNext={() => (station === STATIONS - 1 ? save() : focusCell(`hub-${corner}-${station + 1}`))}
              className="text-ink"
            />
          </label>
        ))}
      </div>
      <div className="flex flex-wrap gap-4">
        {(
          [
            ['hubRadius', 'Dial on the hub at radius', 'mm', hubRadius],
            ['rotorRadius', 'Dial on the rotor at radius', 'mm', rotorRadius],
            ['studs', 'Studs', '', studs],
          ] as const
        ).map(([field, label, base, value]) => (
          <label key={field} htmlFor={`hub-${corner}-${field}`} className="narrow w-52 text-small">
            {label} {base === '' ? '' : units.unit(base)}
            <MeasureCell
              id={`hub-${corner}-${field}`}
              label={`${label} ${corner}`}
              base={base}
              value={typed[field]}
              placeholder={base === '' ? String(value) : units.asTyped(value, base)}
              disabled={slot.closed}
              onChange={(text) => keep({ ...typed, [field]: text })}
              onNext={save}
              className="border-ink"
            />
          </label>
        ))}
      </div>
      {(wrong ?? error) && (
        <p role="alert" className="font-semibold text-stop">
          {wrong ?? error}
        </p>
      )}
      {result && <ReindexAnswer result={result} studs={studs} />}
      <div>
        <Button onClick={save} disabled={slot.closed}>
          {slot.head ? `Correct the hub face ${corner}` : `Take the hub face ${corner}`}
        </Button>
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}
