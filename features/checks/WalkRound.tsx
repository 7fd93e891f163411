'use client';

import { useEffect, useMemo, useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { CORNERS, type Corner } from '@/core/car/corner';
import { standing } from '@/core/job/standing';
import { MEASURES } from '@/core/readings/measures';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { afterPress, statesIn, takesMore } from '@/core/readings/vocabulary/several';
import { stateWord } from '@/core/readings/vocabulary/words';
import { type Area, type Stop, walkRoute } from '@/core/readings/walk/route';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { cn } from '@/ui/cn';
import { Timer } from '@/ui/Timer';
import { Measure } from '../measure/Measure';
import { useJob } from '../record/JobProvider';
import { useKept } from '../shell/useKept';
import { useUnits } from '../shell/useUnits';
import { DerivedNotes } from './DerivedNote';
import { DialSetup } from './eye/DialSetup';
import { EyeChoice, hasPictures } from './eye/EyeChoice';

const AREA_WORDS: Record<Area, string> = {
  cabin: 'In the seat',
  engine_bay: 'Under the bonnet',
  FL: 'Front left',
  FR: 'Front right',
  RL: 'Rear left',
  RR: 'Rear right',
};

/** What stands on the rule where the corner's own letters do not. */
const MARKS: Partial<Record<Area, string>> = { cabin: 'Seat', engine_bay: 'Bonnet' };

type Kept = { start: Corner; at: string | null; skipped: string[] };

/** One route round the car, one thing on the screen at a time, big; skip, come back, and see what is left. */
export function WalkRound() {
  const { sheet, judgement, pickCorner, closed } = useJob();
  const [all, keepAll] = useKept('walk.all', false);
  const [kept, keep] = useKept<Kept>(`walk.${sheet.job.id}`, { start: 'RL', at: null, skipped: [] });
  const whole = useMemo(() => walkRoute(sheet.car, kept.start), [sheet.car, kept.start]);
  const done = useDone(whole);
  // What matters is told when the walk is begun: it does not shift under whoever is on it.
  const [matter] = useState(() => judgement.verdict.nextChecks.slice(0, THAT_MATTER).map(({ id }) => id));
  const some = whole.filter((stop) => stopsFor(stop).some((id) => matter.includes(id)));
  const route = all || some.length === 0 ? whole : some;
  const index = Math.max(
    0,
    kept.at === null
      ? route.findIndex((stop) => !done.has(stop.id))
      : route.findIndex((stop) => stop.id === kept.at),
  );
  const atEnd = kept.at === END;
  const stop = atEnd ? undefined : route[index];
  const corner = stop?.corner;
  useEffect(() => {
    if (corner) pickCorner(corner);
  }, [corner, pickCorner]);

  const go = (to: number, changes: Partial<Kept> = {}) =>
    keep({ ...kept, ...changes, at: to >= route.length ? END : route[Math.max(0, to)]!.id });
  const skip = () => stop && go(index + 1, { skipped: [...new Set([...kept.skipped, stop.id])] });
  const left = route.filter((each) => !done.has(each.id));
  return (
    <section aria-label="Walk round the car" className="mt-3">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <Choice
          label="Which stops"
          value={all ? 'all' : 'matter'}
          onChange={(value) => value !== '' && keepAll(value === 'all')}
          options={[
            { value: 'matter', label: `What matters (${some.length})` },
            { value: 'all', label: `All (${whole.length})` },
          ]}
        />
      </div>
      <WalkRule route={route} done={done} at={atEnd ? route.length : index} onGo={(to) => go(to)} />
      {stop ? (
        <article className="mt-4">
          <p className="text-lg text-soft">
            {AREA_WORDS[stop.area]} · <span className="reading">{index + 1}</span> of{' '}
            <span className="reading">{route.length}</span>
            {kept.skipped.includes(stop.id) && !done.has(stop.id) && ' · skipped before'}
          </p>
          <h3 className="mb-1 text-3xl">{stop.label}</h3>
          <StopBody key={stop.id} stop={stop} onDone={() => go(index + 1)} />
          <nav aria-label="Along the walk" className="mt-5 flex flex-wrap gap-3">
            <Button onClick={() => go(index - 1)} disabled={index === 0}>
              Back
            </Button>
            <Button look="quiet" onClick={skip} disabled={closed}>
              Skip
            </Button>
            {/* Taking the answer is the loud key; passing it by is not, until it is answered. */}
            <Button
              look={done.has(stop.id) ? 'primary' : 'quiet'}
              className="flex-1"
              onClick={() => go(index + 1)}
            >
              {done.has(stop.id) ? 'Next' : 'Next, come back later'}
            </Button>
          </nav>
        </article>
      ) : (
        <article className="mt-4">
          <h3 className="text-3xl">
            {left.length === 0 ? 'Once round, nothing left.' : `${left.length} left`}
          </h3>
          <ul className="mt-2">
            {left.map((each) => (
              <li key={each.id} className="border-b border-rule">
                <button
                  type="button"
                  onClick={() => go(route.indexOf(each))}
                  className="flex min-h-12 w-full items-center justify-between gap-3 text-left hover:bg-straw-wash"
                >
                  <span>
                    {AREA_WORDS[each.area]}: {each.label}
                  </span>
                  <span className="text-soft">{kept.skipped.includes(each.id) ? 'skipped' : 'not yet'}</span>
                </button>
              </li>
            ))}
          </ul>
          <Button className="mt-4" onClick={() => go(0)}>
            From the beginning
          </Button>
        </article>
      )}
      <div className="mt-6 flex flex-wrap items-center gap-3 border-t border-rule pt-2">
        <span className="text-soft">First corner</span>
        <Choice
          label="First corner"
          value={kept.start}
          onChange={(value) => value !== '' && keep({ ...kept, start: value as Corner })}
          options={CORNERS.map((each) => ({ value: each, label: each }))}
        />
      </div>
    </section>
  );
}

const END = 'end';
/** So many checks make the short walk; at a corner each is a stop a wheel. */
const THAT_MATTER = 12;

/** What a stop answers. */
function stopsFor(stop: Stop): readonly FindingId[] {
  return stop.measure ? MEASURES[stop.measure].covers : [stop.finding];
}

/** What to do at a stop: drawings or keys for a look, the form for a measure. */
function StopBody({ stop, onDone }: { stop: Stop; onDone: () => void }) {
  const units = useUnits();
  const { stateOf, answer, closed } = useJob();
  if (stop.measure) {
    return (
      <>
        <DialSetup measure={stop.measure} />
        <Measure measure={stop.measure} corner={stop.corner} onDone={onDone} />
        {MEASURES[stop.measure].covers.map((finding) => (
          <DerivedNotes key={finding} finding={finding} place={stop.corner} />
        ))}
      </>
    );
  }
  const { finding, corner } = stop;
  const { states } = findingOf(finding);
  return (
    <>
      <p className="mb-3 max-w-prose text-lg text-soft">{units.words(findingOf(finding).how ?? '')}</p>
      {finding === 'pedal_hold' && <Timer seconds={30} label="Time 30 s" />}
      {hasPictures(finding) ? (
        <EyeChoice finding={finding} place={corner} onAnswer={onDone} />
      ) : (
        <fieldset className="grid gap-2 sm:grid-cols-2">
          <legend className="sr-only">{stop.label}</legend>
          {states.map((state) => {
            const said = stateOf('before', finding, corner);
            const pressed = statesIn(said).includes(state);
            return (
              <button
                key={state}
                type="button"
                aria-pressed={pressed}
                disabled={closed}
                onClick={() => {
                  answer('before', finding, corner, afterPress(finding, said, state));
                  if (!pressed && !takesMore(finding, state)) onDone();
                }}
                className={cn(
                  'min-h-16 border-2 border-ink px-4 text-left text-xl font-semibold hover:bg-straw-wash',
                  pressed ? 'bg-ink text-sheet' : 'bg-card',
                )}
              >
                {stateWord(finding, state)}
              </button>
            );
          })}
        </fieldset>
      )}
      <DerivedNotes finding={finding} place={corner} />
    </>
  );
}

/** The stops as graduations of the rule: filled when done, the one at hand marked; press to go there. */
function WalkRule({
  route,
  done,
  at,
  onGo,
}: {
  route: readonly Stop[];
  done: ReadonlySet<string>;
  at: number;
  onGo: (index: number) => void;
}) {
  const areas = [...new Set(route.map((stop) => stop.area))];
  return (
    <ol className="flex gap-1 border-b-2 border-ink">
      {areas.map((area) => {
        const stops = route.filter((stop) => stop.area === area);
        const first = route.indexOf(stops[0]!);
        const count = stops.filter((stop) => done.has(stop.id)).length;
        const here = at >= first && at < first + stops.length;
        return (
          <li key={area} style={{ flexGrow: stops.length }} className="min-w-14 basis-0">
            <button
              type="button"
              aria-current={here ? 'step' : undefined}
              aria-label={`${MARKS[area] ?? area}: ${inSentence(AREA_WORDS[area])}, ${count} of ${stops.length} done`}
              onClick={() => onGo(first)}
              className={cn(
                'flex min-h-11 w-full flex-col justify-end gap-1',
                here ? 'font-bold' : 'text-soft',
              )}
            >
              <span className="truncate text-small">{MARKS[area] ?? area}</span>
              <span aria-hidden="true" className="flex h-3 items-end gap-px">
                {stops.map((stop) => (
                  <i
                    key={stop.id}
                    className={cn(
                      'flex-1',
                      done.has(stop.id) ? 'h-3 bg-ink' : 'h-1.5 bg-rule',
                      route[at] === stop && 'h-3 bg-straw',
                    )}
                  />
                ))}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** Stops that have been answered: by hand, or by a reading. */
function useDone(route: readonly Stop[]): Set<string> {
  const { sheet, judgement, stateOf } = useJob();
  const read = standing(sheet.readings, 'before').filter((row) => row.input !== null);
  const isDone = (stop: Stop) =>
    stop.measure
      ? read.some((row) => row.kind === MEASURES[stop.measure].kind && row.corner === (stop.corner ?? '')) ||
        MEASURES[stop.measure].covers.some((finding) => stateOf('before', finding, stop.corner) !== '')
      : stateOf('before', stop.finding, stop.corner) !== '' ||
        judgement.derived.before.some((each) => each.id === stop.finding && each.place === stop.corner);
  return new Set(route.filter(isDone).map((stop) => stop.id));
}
