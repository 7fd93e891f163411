'use client';

import type { Corner } from '@/core/car/corner';
import { axleOf } from '@/core/car/corner';
import { exceeds } from '@/core/car/limits/limit';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import { fitsIn, padForecast } from '@/core/planning/wear/forecast';
import { Button } from '@/ui/Button';
import { PadPicture } from '@/ui/PadPicture';
import { Trouble } from '@/ui/Trouble';
import { useUnits } from '../../shell/useUnits';
import { type Fact, Facts } from '../Facts';
import { LifeWords } from '../LifeWords';
import { MeasureCell } from '../MeasureCell';
import { NewPartBox } from '../NewPartBox';
import { OnFile } from '../OnFile';
import type { OnDone } from '../useReading';
import { END_WORDS, PAD_SIDES, USUAL_PAD } from './typed';
import { type PadsSheet, usePadsSheet } from './usePadsSheet';

/** Both pads of a corner, drawn as they are typed. */
export function PadsForm({ corner, onDone }: { corner: Corner; onDone?: OnDone }) {
  const pads = usePadsSheet(corner, undefined, onDone);
  const { full } = useUnits();
  const { axle, read, slot, result } = pads;
  const newMm = axle.padNewMm ?? USUAL_PAD.newMm;
  const minimumMm = axle.padMinimumMm ?? USUAL_PAD.minimumMm;
  const replaceMm = pads.limits.find((limit) => limit.name === 'replaceMm')?.value ?? Math.max(5, newMm / 2);
  const wrong = read.wrong
    ? `${nameOf(read.wrong.name)} is ${read.wrong.text}: ${read.wrong.why}`
    : pads.error;
  // A figure that is no figure yet ("." on its way to .5) is not drawn.
  const drawn = (mm: number | undefined) => (Number.isFinite(mm) ? mm : undefined);
  const side = (name: 'inner' | 'outer') => ({
    leading: drawn(read.mm[`${name}.leading`]),
    trailing: drawn(read.mm[`${name}.trailing`]),
  });
  return (
    <section
      aria-label={`Pads ${corner}`}
      className="mt-2 grid gap-x-5 gap-y-3 sm:grid-cols-[minmax(0,20rem)_1fr]"
    >
      <PadPicture
        inner={side('inner')}
        outer={side('outer')}
        newMm={newMm}
        minimumMm={minimumMm}
        replaceMm={replaceMm}
        className="w-full max-w-80"
      />
      <div>
        <PadsTable pads={pads} />
        <p className="mt-2 text-small text-soft">
          Friction material only. New {full(newMm, 'mm', 1)}, minimum {full(minimumMm, 'mm', 1)}
          {axle.padNewMm === null || axle.padMinimumMm === null ? ' (usual sizes: not on file)' : ''}, replace
          for the track below {full(replaceMm, 'mm', 1)}.
        </p>
        {!pads.edges && (
          <Button look="quiet" onClick={() => pads.setEdges(true)} disabled={slot.closed}>
            Measure the edges too
          </Button>
        )}
      </div>
      <Trouble className="sm:col-span-2">{wrong}</Trouble>
      {result && (
        <div className="grid gap-1 sm:col-span-2">
          <PadFacts pads={pads} />
          <p className="font-semibold">{result.says}</p>
          <PadLife pads={pads} replaceMm={replaceMm} />
        </div>
      )}
      <div className="sm:col-span-2">
        <Button onClick={pads.save} disabled={slot.closed}>
          {slot.head ? `Correct the pads ${corner}` : `Take the pads ${corner}`}
        </Button>
      </div>
      <div className="sm:col-span-2">
        <OnFile head={slot.head} earlier={slot.earlier} />
      </div>
    </section>
  );
}

function nameOf(name: string): string {
  const [side, at] = name.split('.');
  return `${side === 'inner' ? 'Inner' : 'Outer'} pad, ${END_WORDS[at!]}`;
}

function PadsTable({ pads }: { pads: PadsSheet }) {
  const { unit } = useUnits();
  const { corner } = pads;
  const rows = pads.order.filter((name) => name.startsWith('inner.')).map((name) => name.slice(6));
  return (
    <table className="w-full max-w-96">
      <thead>
        <tr className="narrow border-b-2 border-ink text-small">
          <th scope="col" className="text-left font-semibold">
            {unit('mm')}
          </th>
          {PAD_SIDES.map((side) => (
            <th key={side} scope="col" className="text-right font-semibold">
              {side === 'inner' ? 'Inner pad' : 'Outer pad'}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((at) => (
          <tr key={at} className="border-b border-rule">
            <th scope="row" className="text-left font-normal first-letter:uppercase">
              {END_WORDS[at]}
            </th>
            {PAD_SIDES.map((side) => {
              const name = `${side}.${at}`;
              return (
                <td key={side} className="pl-2">
                  <MeasureCell
                    id={pads.cellId(name)}
                    label={`${side === 'inner' ? 'Inner' : 'Outer'} pad ${corner}, ${END_WORDS[at]}`}
                    base="mm"
                    quantity="thickness"
                    pose={
                      at === 'leading' || at === 'trailing'
                        ? { point: 'pad', corner, pad: { side, end: at } }
                        : undefined
                    }
                    value={pads.typed[name] ?? ''}
                    invalid={pads.read.wrong?.name === name}
                    disabled={pads.slot.closed}
                    onChange={(text) => pads.change(name, text)}
                    onNext={() => pads.next(name)}
                  />
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function PadFacts({ pads }: { pads: PadsSheet }) {
  const { show, unit } = useUnits();
  const { result, limits, sides, corner } = pads;
  if (!result) return null;
  const limit = (name: string) => limits.find((each) => each.name === name)!;
  const uneven = (label: string, value: number, name: string): Fact => ({
    label,
    value: show(value, 'mm', 1),
    say: exceeds(Math.abs(value), limit(name).value)
      ? `${show(Math.abs(value) - limit(name).value, 'mm', 1)} over ${show(limit(name).value, 'mm', 1)}`
      : `inside ${show(limit(name).value, 'mm', 1)}`,
    from: SOURCE_WORDS[limit(name).from],
    bad: exceeds(Math.abs(value), limit(name).value),
  });
  const replace = limit('replaceMm');
  const minimum = limit('minimumMm');
  const worn = result.states.pad_thickness === 'worn_out';
  const facts: Fact[] = [
    {
      label: 'Lowest',
      value: show(result.lowestMm, 'mm', 1),
      say: worn
        ? `at or under the minimum ${show(minimum.value, 'mm', 1)}`
        : result.states.pad_thickness === 'low'
          ? `${show(replace.value - result.lowestMm, 'mm', 1)} under ${show(replace.value, 'mm', 1)}`
          : `${show(result.lowestMm - replace.value, 'mm', 1)} over ${show(replace.value, 'mm', 1)}`,
      from: SOURCE_WORDS[worn ? minimum.from : replace.from],
      bad: result.states.pad_thickness !== 'ok',
    },
    uneven('Inner less outer', result.innerMinusOuterMm, 'innerOuterMm'),
    uneven('Taper along', result.taperAlongMm, 'taperAlongMm'),
    ...(result.taperRadialMm === undefined
      ? []
      : [uneven('Radial taper', result.taperRadialMm, 'taperRadialMm')]),
    ...(sides ? [uneven(`Left less right, ${axleOf(corner)}`, sides.leftMinusRightMm, 'sidesMm')] : []),
  ];
  return <Facts facts={facts} unit={unit('mm')} />;
}

/** How long the thinner pad lasts, and a pad that seems to have grown. */
function PadLife({ pads, replaceMm }: { pads: PadsSheet; replaceMm: number }) {
  const { full } = useUnits();
  const { read, corner, wear, grown } = pads;
  const lives = PAD_SIDES.flatMap((side) => {
    const lowest = Math.min(
      ...Object.entries(read.mm).flatMap(([name, mm]) => (name.startsWith(`${side}.`) ? [mm] : [])),
    );
    const past = grown === undefined ? wear.before[corner][side] : [];
    const life = padForecast([...past, { sessions: wear.sessions, mm: lowest }], replaceMm);
    return life ? [life] : [];
  });
  const life = lives.sort((left, right) => left.sessions - right.sessions)[0];
  return (
    <>
      <NewPartBox grown={grown} part="pad" fitted={pads.newPart} onFitted={pads.setNewPart} />
      {life ? (
        <div className="text-small">
          <LifeWords
            life={life}
            wear={wear}
            fits={wear.next && fitsIn(life, wear.next.sessions)}
            part="pad"
            limit={full(replaceMm, 'mm', 1)}
          />
        </div>
      ) : (
        <p className="text-small text-soft">
          How many sessions that is shows once this pad has been read after a day on track.
        </p>
      )}
    </>
  );
}
