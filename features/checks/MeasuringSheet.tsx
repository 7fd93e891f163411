'use client';

import { axleOf, CORNERS, type Corner } from '@/core/car/corner';
import { brakeAt } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';
import { Measure } from '../measure/Measure';
import { cellIdIn, focusCell, MeasureCell } from '../measure/MeasureCell';
import { NewPartBox } from '../measure/NewPartBox';
import { END_WORDS } from '../measure/pads/typed';
import { usePadsSheet } from '../measure/pads/usePadsSheet';
import { StationCell } from '../measure/rotor/StationCell';
import { useRotorSheet } from '../measure/rotor/useRotorSheet';
import { useJob } from '../record/JobProvider';
import { useUnits } from '../shell/useUnits';

const PAD_ROWS = ['inner.leading', 'inner.trailing', 'outer.leading', 'outer.trailing'];

/** Pads and rotors of the whole car as one dense sheet: down a corner, then the next; each set is taken as it fills. */
export function MeasuringSheet() {
  const { sheet } = useJob();
  const traits = traitsOf(sheet.car);
  const discs = CORNERS.filter((corner) => brakeAt(traits, axleOf(corner)) !== 'drum');
  return (
    <section aria-label="Measuring sheet" className="mt-3">
      <p className="text-small text-soft">
        Enter goes down a corner and on to the next. A set is written down with its last figure; half a set is
        kept.
      </p>
      <div
        className={cn(
          'mt-2 grid gap-x-4 gap-y-6 sm:grid-cols-2',
          discs.length > 2 && 'min-[1700px]:grid-cols-4',
        )}
      >
        {discs.map((corner, index) => (
          <SheetColumn key={corner} corner={corner} next={discs[index + 1]} />
        ))}
      </div>
      {discs.length < 4 && (
        <div className="mt-6 grid gap-6 sm:grid-cols-2">
          {CORNERS.filter((corner) => !discs.includes(corner)).map((corner) => (
            <div key={corner}>
              <h3 className="border-b-2 border-ink text-xl">{corner} drum</h3>
              <Measure measure="drum" corner={corner} />
            </div>
          ))}
        </div>
      )}
      <div className="mt-6 grid gap-6 sm:grid-cols-2">
        {CORNERS.map((corner) => (
          <div key={corner}>
            <h3 className="border-b-2 border-ink text-xl">{corner} bearing</h3>
            <Measure measure="bearing" corner={corner} />
          </div>
        ))}
      </div>
    </section>
  );
}

/** A column is isolated: a key typed in one paints that one alone. */
function SheetColumn({ corner, next }: { corner: Corner; next?: Corner }) {
  const { pickCorner } = useJob();
  return (
    <section aria-label={corner} onFocus={() => pickCorner(corner)} className="isolate">
      <h3 className="border-b-2 border-ink text-2xl">{corner}</h3>
      <PadRows corner={corner} />
      <RotorRows corner={corner} next={next} />
    </section>
  );
}

const padsForm = (corner: Corner) => `sheet-pads-${corner}`;
const rotorForm = (corner: Corner) => `sheet-rotor-${corner}`;

function PadRows({ corner }: { corner: Corner }) {
  const pads = usePadsSheet(corner, padsForm(corner), () =>
    focusCell(cellIdIn(rotorForm(corner), 'runout.0')),
  );
  const { unit, show } = useUnits();
  const wrong = wrongWords(pads.read.wrong) ?? pads.error;
  return (
    <>
      <h4 className="mt-1 flex justify-between font-semibold">
        Pads <span className="reading font-normal text-soft">{unit('mm')}</span>
      </h4>
      {PAD_ROWS.map((name) => {
        const [side, end] = name.split('.') as ['inner' | 'outer', 'leading' | 'trailing'];
        return (
          <Row key={name} label={`${side}, ${end === 'leading' ? 'lead' : 'trail'}`}>
            <MeasureCell
              id={pads.cellId(name)}
              label={`${side === 'inner' ? 'Inner' : 'Outer'} pad ${pads.corner}, ${END_WORDS[end]}`}
              base="mm"
              quantity="thickness"
              pose={{ point: 'pad', corner: pads.corner, pad: { side, end } }}
              value={pads.typed[name] ?? ''}
              invalid={pads.read.wrong?.name === name}
              disabled={pads.slot.closed}
              onChange={(text) => pads.change(name, text)}
              onNext={() => pads.next(name)}
            />
          </Row>
        );
      })}
      <NewPartBox grown={pads.grown} part="pad" fitted={pads.newPart} onFitted={pads.setNewPart} />
      <Says wrong={wrong}>
        {pads.result && `${pads.slot.head ? 'taken · ' : ''}lowest ${show(pads.result.lowestMm, 'mm', 1)}`}
      </Says>
    </>
  );
}

function RotorRows({ corner, next }: { corner: Corner; next?: Corner }) {
  const { pickCorner } = useJob();
  const rotor = useRotorSheet(corner, rotorForm(corner), () => {
    if (!next) return;
    pickCorner(next);
    focusCell(cellIdIn(padsForm(next), 'inner.leading'));
  });
  const { show } = useUnits();
  const wrong = wrongWords(rotor.read.wrong) ?? rotor.error;
  const { result } = rotor;
  const cell = (name: string, label: string, point: 'rotor_face' | 'rotor_thickness', station: number) => (
    <StationCell {...{ rotor, name, label, point, station }} />
  );
  return (
    <>
      <h4 className="mt-2 flex justify-between font-semibold">
        Rotor <span className="reading font-normal text-soft">runout · thickness</span>
      </h4>
      {rotor.typed.runout.map((_, station) => (
        <Row key={`${rotor.corner} ${(360 * station) / rotor.typed.stations}`} label={String(station + 1)}>
          {cell(`runout.${station}`, `Runout ${rotor.corner} station ${station + 1}`, 'rotor_face', station)}
          {cell(
            `thickness.${station}`,
            `Thickness ${rotor.corner} station ${station + 1}`,
            'rotor_thickness',
            station,
          )}
        </Row>
      ))}
      <Row label="1 again">
        {cell('closing', `Station 1 again ${rotor.corner}`, 'rotor_face', 0)}
        <span />
      </Row>
      <NewPartBox grown={rotor.grown} part="rotor" fitted={rotor.newPart} onFitted={rotor.setNewPart} />
      <Says wrong={wrong}>
        {result &&
          `${rotor.slot.head ? 'taken · ' : ''}total ${show(result.tirMm, 'mm', 3)}${
            result.orders[0]!.highAngleDeg === null
              ? ''
              : `, high ${figure(result.orders[0]!.highAngleDeg, 0)}°`
          }`}
      </Says>
    </>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex items-center gap-1 border-b border-rule">
      <span className="reading w-28 shrink-0 text-small text-soft">{label}</span>
      {children}
    </div>
  );
}

function Says({ wrong, children }: { wrong?: string; children: React.ReactNode }) {
  return wrong ? (
    <p role="alert" className="min-h-6 text-small font-semibold text-stop">
      {wrong}
    </p>
  ) : (
    <p aria-live="polite" className="reading min-h-6 text-small font-semibold">
      {children}
    </p>
  );
}

function wrongWords(wrong: { text: string; why: string } | undefined): string | undefined {
  return wrong && `${wrong.text}: ${wrong.why}`;
}
