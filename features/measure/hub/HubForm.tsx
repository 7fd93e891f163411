'use client';

import { axleOf, type Corner } from '@/core/car/corner';
import { AXLE_FIGURES, rangeOf, STUD_RANGE } from '@/core/car/figures';
import { USUAL_RADII } from '@/core/car/usualRadii';
import { headOf } from '@/core/job/standing';
import { hub } from '@/core/readings/hub/reading';
import { reindex } from '@/core/readings/hub/reindex';
import type { ReindexInput } from '@/core/readings/hub/reindexSchema';
import { PLAUSIBLE_DIAL_MM } from '@/core/readings/rotor/ranges';
import { readRotor } from '@/core/readings/rotor/rotor';
import type { RotorInput } from '@/core/readings/rotor/schema';
import { Button } from '@/ui/Button';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import type { Units } from '../../shell/units';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { ReadingCells } from '../ReadingCells';
import { between, type ReadingField } from '../readFields';
import { type OnDone, useReading } from '../useReading';
import { useReadingForm } from '../useReadingForm';
import { useTyped } from '../useTyped';
import { ReindexAnswer } from './ReindexAnswer';

/** Stations round a hub face: fewer bolts to pass than round a rotor. */
const STATIONS = 8;
const USUAL_STUDS = 5;
const ROUND = Array.from({ length: STATIONS }, (_, station) => ({
  id: String(station),
  angleDeg: (360 * station) / STATIONS,
}));

const LENGTHS = [
  {
    id: 'hubRadius',
    label: 'Dial on the hub at radius',
    base: 'mm',
    decimals: 0,
    ...between(rangeOf(AXLE_FIGURES.hubRadiusMm)),
  },
  {
    id: 'rotorRadius',
    label: 'Dial on the rotor at radius',
    base: 'mm',
    decimals: 0,
    ...between(rangeOf(AXLE_FIGURES.rotorRadiusMm)),
  },
  { id: 'studs', label: 'Studs', base: '', decimals: 0, ...between(STUD_RANGE) },
] as const satisfies readonly ReadingField[];

const stationField = (
  corner: Corner,
  { id, angleDeg }: (typeof ROUND)[number],
  at: number,
): ReadingField => ({
  ...{
    id,
    label: `Station ${at + 1}`,
    base: 'mm',
    decimals: 3,
    low: -PLAUSIBLE_DIAL_MM,
    high: PLAUSIBLE_DIAL_MM,
  },
  ...{ needed: true, quantity: 'displacement', pose: { point: 'hub_face', corner, angleDeg } },
});

type Typed = Record<string, string>;
const baseOf = (field = '') => (field === 'studs' ? undefined : ('mm' as const));

/** Rotor off: the hub face by stations, and whether turning the rotor on its studs would cure the runout. */
export function HubForm({ corner, onDone }: { corner: Corner; onDone?: OnDone }) {
  const { sheet } = useSettledJob();
  const units = useUnits();
  const shop = useShop();
  const slot = useReading('reindex', corner);
  const axle = sheet.car[axleOf(corner)];
  const onFile = slot.head?.input as ReindexInput | undefined;
  const [kept, keep] = useTyped<Typed | null>(`hub-face.${sheet.job.id}.${corner}`, null, baseOf);
  const stations = ROUND.map((station, at) => stationField(corner, station, at));
  const form = useReadingForm<string, Typed>({
    ...{ slot, cells: `hub-${corner}`, keep, clear: () => keep(null), onDone },
    fields: [...stations, ...LENGTHS],
    typed: kept ?? typedAgain(onFile, units),
    onFile: {
      hubRadius: axle.hubRadiusMm ?? onFile?.hub.radiusMm ?? USUAL_RADII.hubMm,
      rotorRadius: axle.rotorRadiusMm ?? onFile?.mounted?.radiusMm ?? USUAL_RADII.rotorMm,
      studs: axle.studs ?? onFile?.studs ?? USUAL_STUDS,
    },
  });
  const rotor = headOf(sheet.readings, 'before', (row) => row.kind === 'rotor' && row.corner === corner)
    ?.input as RotorInput | null | undefined;
  const isWhole = !form.wrong && !form.missing && Number.isInteger(form.values.studs);
  const input = isWhole && {
    ...reindexInput(form.values, rotor),
    ...hub.held!.own({ axle, shop: shop.limits }),
  };
  const save = () =>
    form.take(({ values, entered }) =>
      input
        ? { input, entered: enteredAt(entered) }
        : { why: `Studs is ${values.studs}: a whole number is accepted`, at: 'studs' },
    );
  const said = form.wrong ?? form.said;
  return (
    <section aria-label={`Hub face ${corner}`} className="mt-2 grid gap-3">
      <p className="text-small text-soft">
        Rotor off, face bright. Station 1 at stud 1, the same way round as the rotor.
      </p>
      <div className="grid grid-cols-4 gap-x-3 gap-y-1 sm:grid-cols-8">
        {ROUND.map(({ id, angleDeg }, station) => (
          <label
            key={id}
            htmlFor={form.cellOf(id)}
            className="reading border-b border-rule text-small text-soft"
          >
            <span className="block whitespace-nowrap">
              <span className="text-ink">{station + 1}</span> {Math.round(angleDeg)}°
            </span>
            <MeasureCell
              id={form.cellOf(id)}
              label={`Hub face ${corner} station ${station + 1}`}
              base="mm"
              quantity="displacement"
              pose={{ point: 'hub_face', corner, angleDeg }}
              value={form.textOf(id)}
              invalid={form.wrong?.id === id}
              disabled={slot.closed}
              onChange={(text) => form.set(id, text)}
              onNext={() =>
                station === STATIONS - 1 ? save() : focusCell(form.cellOf(ROUND[station + 1]!.id))
              }
              className="text-ink"
            />
          </label>
        ))}
      </div>
      <div className="flex flex-wrap gap-4">
        <ReadingCells
          form={form}
          fields={LENGTHS}
          of={corner}
          width="w-52"
          endsAt={() => true}
          onEnd={save}
        />
      </div>
      {said && (
        <p role="alert" className="font-semibold text-stop">
          {said.why}
        </p>
      )}
      {input && <ReindexAnswer result={reindex(input)} studs={input.studs} />}
      <div>
        <Button onClick={save} disabled={slot.closed}>
          {slot.head ? `Correct the hub face ${corner}` : `Take the hub face ${corner}`}
        </Button>
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

/** A face on file as it would be typed, to be corrected. */
function typedAgain(onFile: ReindexInput | undefined, units: Units): Typed {
  return Object.fromEntries(
    (onFile?.hub.runoutMm ?? []).map((mm, station) => [ROUND[station]?.id ?? '', units.asTyped(mm, 'mm')]),
  );
}

/** A whole face as its reading, with the rotor on it where that was read. */
function reindexInput(
  values: Partial<Record<string, number>>,
  rotor: RotorInput | null | undefined,
): ReindexInput {
  return {
    hub: { runoutMm: ROUND.map(({ id }) => values[id]!), radiusMm: values.hubRadius! },
    ...(rotor ? { mounted: { runoutMm: readRotor(rotor).readMm, radiusMm: values.rotorRadius! } } : {}),
    studs: values.studs!,
  };
}

/** What was typed in other units, by where it stands in the reading. */
function enteredAt(entered: Partial<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    ROUND.flatMap(({ id }, station) => {
      const text = entered[id];
      return text ? [[`hub.runoutMm[${station}]`, text]] : [];
    }),
  );
}
