'use client';

import { allIn } from '@/core/base/units/retype';
import { MAKER_ROWS } from '@/core/planning/bedin/input';
import { USUAL_ACCEL_MS2 } from '@/core/planning/bedin/plan';
import { BED_IN_SCHOOLS, BED_WINDOWS } from '@/core/planning/bedin/schools';
import type { WorkOptions } from '@/core/planning/options';
import type { Ways } from '@/core/planning/ways';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import type { Units } from '../shell/units';
import { useKept } from '../shell/useKept';
import { useKeptFigures } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { MakerRows } from './MakerRows';

type BedInProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['bedIn']>;
  onChange: (chosen: NonNullable<WorkOptions['bedIn']>) => void;
  ways: Ways;
  betterStops: number | null;
  /** The axle the plan is for. */
  axle: 'front' | 'rear' | 'both';
  /** Axles with discs: drums are not bedded in like this. */
  axles: readonly ('front' | 'rear')[];
};

const celsius = allIn('°C');

/** What the outside temperature is kept under while it is typed. */
export const bedInAmbient = (jobId: string) => `bed-in-ambient.${jobId}`;

/** School, axle, compound and count of a bed-in; the pad maker's own rows where they are chosen. */
export function BedInFields({ jobId, chosen, onChange, ways, betterStops, axle, axles }: BedInProps) {
  const units = useUnits();
  const school = chosen.school ?? ways.bedInSchool;
  const [ambient, setAmbient] = useKeptFigures(bedInAmbient(jobId), '', celsius);
  const ambientC = units.read(ambient, '°C')?.value;
  const wrong = ambientC !== undefined && !(ambientC >= -40 && ambientC <= 60);
  const [accel, setAccel] = useKept(`bed-in-accel.${jobId}`, '');
  const accelMs2 = plainIn(accel, [0.3, 8], units);
  const [power, setPower] = useKept(`bed-in-power.${jobId}`, '');
  const powerKW = plainIn(power, [10, 1500], units);
  return (
    <div className="grid gap-3">
      <div>
        <p className="narrow text-small font-semibold">
          School{' '}
          <span className="font-normal text-soft">
            {school === 'maker'
              ? 'The pad maker’s own way comes before any school'
              : BED_IN_SCHOOLS[school].about}
          </span>
        </p>
        <Choice
          label="School"
          value={school}
          onChange={(next) => next !== '' && onChange({ ...chosen, school: next as 'A', stops: undefined })}
          options={[
            ...(['A', 'B', 'C'] as const).map((id) => ({ value: id, label: BED_IN_SCHOOLS[id].label })),
            { value: 'maker', label: 'The pad maker’s' },
          ]}
        />
      </div>
      {school === 'maker' && (
        <MakerRows
          key={units.unit('km/h')}
          rows={chosen.rows ?? MAKER_ROWS}
          onChange={(rows) => onChange({ ...chosen, rows })}
        />
      )}
      {betterStops !== null && (
        <button
          type="button"
          className="min-h-11 justify-self-start border-2 border-ink bg-card px-4 font-semibold hover:bg-straw-wash"
          onClick={() => onChange({ ...chosen, stops: betterStops })}
        >
          Make it {betterStops} slowdowns
        </button>
      )}
      <div className="grid gap-3 sm:grid-cols-2 desk:grid-cols-4">
        <div>
          <p className="narrow text-small font-semibold">Axle</p>
          <Choice
            label="Axle"
            value={axle}
            onChange={(next) => next !== '' && onChange({ ...chosen, axle: next as 'front' })}
            options={[
              ...axles.map((axle) => ({ value: axle, label: axle === 'front' ? 'Front' : 'Rear' })),
              ...(axles.length > 1 ? [{ value: 'both', label: 'Both' }] : []),
            ]}
          />
        </div>
        <div>
          <p className="narrow text-small font-semibold">Compound</p>
          <Choice
            label="Compound"
            value={chosen.compound ?? ''}
            onChange={(next) =>
              onChange({ ...chosen, compound: next === '' ? undefined : (next as 'street') })
            }
            options={Object.entries(BED_WINDOWS).map(([id, { label }]) => ({ value: id, label }))}
          />
        </div>
        <NumberField
          label="Outside"
          unit={units.unit('°C')}
          value={ambient}
          placeholder={units.show(20, '°C', 0)}
          error={
            wrong
              ? `${ambient} is not taken: ${units.show(-40, '°C', 0)} to ${units.full(60, '°C', 0)}`
              : undefined
          }
          onChange={(event) => {
            setAmbient(event.target.value);
            const read = units.read(event.target.value, '°C')?.value;
            onChange({
              ...chosen,
              ambientC: read !== undefined && read >= -40 && read <= 60 ? read : undefined,
            });
          }}
        />
        <NumberField
          label="Back up to speed"
          unit="m/s²"
          value={accel}
          placeholder={String(USUAL_ACCEL_MS2)}
          error={
            accelMs2 === undefined && accel.trim() !== '' ? `${accel} is not taken: 0.3 to 8 m/s²` : undefined
          }
          onChange={(event) => {
            setAccel(event.target.value);
            onChange({ ...chosen, accelMs2: plainIn(event.target.value, [0.3, 8], units) });
          }}
        />
        <NumberField
          label="Or by its power at the wheels"
          unit="kW"
          value={power}
          error={
            powerKW === undefined && power.trim() !== '' ? `${power} is not taken: 10 to 1500 kW` : undefined
          }
          onChange={(event) => {
            setPower(event.target.value);
            onChange({ ...chosen, powerKW: plainIn(event.target.value, [10, 1500], units) });
          }}
        />
      </div>
    </div>
  );
}

/** A figure that has one unit the world over, where it can be one. */
function plainIn(text: string, [low, high]: readonly [number, number], units: Units): number | undefined {
  const read = units.read(text, '')?.value;
  return read !== undefined && read >= low && read <= high ? read : undefined;
}
