'use client';

import { CIRCUIT_KINDS, CIRCUITS } from '@/core/car/circuits';
import { CORNERS } from '@/core/car/corner';
import { CORNER_MODEL } from '@/core/readings/heat/corner';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { useUnits } from '../../../shell/useUnits';
import { FigureTable } from '../FigureTable';
import { EMPTY_PEAK, EMPTY_ZONE, type HeatTyped, MODEL, zonesOf } from './typed';

const MOST_ZONES = 40;
const MOST_PEAKS = 20;

type Name = Exclude<keyof HeatTyped, 'cooling' | 'zones' | 'peaks' | 'model' | 'at'>;
/** What is typed, what is wrong with it, and what takes it. */
type Props = { typed: HeatTyped; wrong: Record<string, string>; keep: (next: HeatTyped) => void };
type FieldProps = Props & { name: Name; label: string; unit: string };

function Field({ typed, wrong, keep, name, label, unit }: FieldProps) {
  return (
    <NumberField
      label={label}
      unit={unit}
      value={typed[name]}
      error={wrong[name]}
      onChange={(event) => keep({ ...typed, [name]: event.target.value })}
    />
  );
}

/** The car, its corner, and what its parts are good to. */
export function CarFields(props: Props) {
  const { typed, keep } = props;
  const units = useUnits();
  const c = units.unit('°C');
  const field = (name: Name, label: string, unit: string) => <Field {...{ ...props, name, label, unit }} />;
  return (
    <>
      <div className="grid grid-cols-2 xs:grid-cols-3 gap-3">
        {field('mass', 'Mass', units.unit('kg'))}
        {field('share', 'At this axle', '%')}
        {field('regen', 'Motor takes', '%')}
        {field('rotor', 'Rotor weighs', units.unit('kg'))}
        {field('worn', 'Pads worn', '%')}
        {field('ambient', 'Outside', c)}
        {field('laps', 'Laps', '')}
        {field('pad', 'Pads good to', c)}
        {field('fluid', 'Fluid boils', c)}
        {field('crack', 'Rotor cracks from', c)}
      </div>
      <Choice
        label="Air to the rotor"
        value={typed.cooling}
        onChange={(cooling) => cooling !== '' && keep({ ...typed, cooling: cooling as HeatTyped['cooling'] })}
        options={[
          { value: 'none', label: 'No duct' },
          { value: 'face', label: 'At one face', tone: 'watch' },
          { value: 'core', label: 'To the core' },
        ]}
      />
    </>
  );
}

/** A lap, zone by zone, and the way in after the last one. */
export function LapFields(props: Props) {
  const { typed, wrong, keep } = props;
  const units = useUnits();
  return (
    <>
      <div>
        <FigureTable
          caption="A lap: where it brakes"
          columns={[
            { id: 'from', label: 'From', unit: units.unit('km/h') },
            { id: 'to', label: 'To', unit: units.unit('km/h') },
            { id: 'away', label: 'To the next', unit: 's' },
          ]}
          rows={typed.zones}
          wrong={wrong}
          onChange={(zones) => keep({ ...typed, zones })}
        />
        <div className="mt-2 flex flex-wrap gap-2">
          {typed.zones.length < MOST_ZONES && (
            <Button onClick={() => keep({ ...typed, zones: [...typed.zones, EMPTY_ZONE] })}>
              One more zone
            </Button>
          )}
          {typed.zones.length > 1 && (
            <Button onClick={() => keep({ ...typed, zones: typed.zones.slice(0, -1) })}>Last one off</Button>
          )}
        </div>
        <p className="mt-2 narrow text-small font-semibold print:hidden">Or an invented circuit by kind</p>
        <div className="flex flex-wrap gap-2">
          {CIRCUIT_KINDS.map((kind) => (
            <Button key={kind} onClick={() => keep({ ...typed, zones: zonesOf(kind, units) })}>
              {CIRCUITS[kind].label}
            </Button>
          ))}
        </div>
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Field {...props} name="coolS" label="Cool-down" unit="s" />
        <Field {...props} name="coolKmh" label="at" unit={units.unit('km/h')} />
      </div>
    </>
  );
}

/** Peaks that were measured; of a job's bench with the corner they were read at. */
export function PeakFields({ typed, wrong, keep, ofJob }: Props & { ofJob: boolean }) {
  const c = useUnits().unit('°C');
  return (
    <div>
      <FigureTable
        caption="Measured peaks, to fit the model to this car"
        columns={[
          { id: 'lap', label: 'Lap' },
          { id: 'rotorC', label: 'Rotor, paint', unit: c },
          { id: 'caliperC', label: 'Caliper, strip', unit: c },
        ]}
        rows={typed.peaks}
        wrong={wrong}
        onChange={(peaks) => keep({ ...typed, peaks })}
      />
      {typed.peaks.length < MOST_PEAKS && (
        <Button className="mt-2" onClick={() => keep({ ...typed, peaks: [...typed.peaks, EMPTY_PEAK] })}>
          One more peak
        </Button>
      )}
      {ofJob && (
        <div className="mt-2">
          <p className="narrow text-small font-semibold">
            Read at <span className="font-normal text-soft">so that they count in the job</span>
          </p>
          <Choice
            label="Corner of the peaks"
            value={typed.at}
            onChange={(at) => keep({ ...typed, at: at as HeatTyped['at'] })}
            options={CORNERS.map((corner) => ({ value: corner, label: corner }))}
          />
        </div>
      )}
    </div>
  );
}

/** The figures of the model itself, where somebody knows better. */
export function ModelFields({ typed, wrong, keep }: Props) {
  return (
    <Opens head={<span className="narrow font-semibold">The model’s own figures</span>}>
      <div className="grid grid-cols-2 gap-3 pb-2">
        {(Object.keys(MODEL) as (keyof typeof MODEL)[]).map((id) => (
          <NumberField
            key={id}
            label={MODEL[id].label}
            unit={MODEL[id].unit}
            value={typed.model[id]}
            error={wrong[`model.${id}`]}
            placeholder={String(CORNER_MODEL[id])}
            onChange={(event) => keep({ ...typed, model: { ...typed.model, [id]: event.target.value } })}
          />
        ))}
      </div>
    </Opens>
  );
}
