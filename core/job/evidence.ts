import { axleOf, type Corner, cornersOf, type Place, speaksFor } from '../car/corner';
import { ENDS, type Ending } from '../diagnosis/holds/ends';
import type { Hold } from '../diagnosis/holds/holds';
import type { FindingId } from '../readings/vocabulary/findings';
import { statesIn } from '../readings/vocabulary/several';
import { type AfterAnswer, afterAnswers } from './after';
import { derivedAnswers } from './current';
import { type Evidence, pieceSlot } from './pieces';
import type { JobSheet } from './sheet';

/** What has to be answered or measured after the work for a hold to end, each with where it stands. */
export function evidenceFor(sheet: JobSheet, hold: Pick<Hold, 'id' | 'because'>, since: string): Evidence[] {
  const said = afterAnswers(sheet);
  const before = derivedAnswers(sheet.readings, 'before');
  const slots = new Map<string, Evidence>();
  for (const ending of ENDS[hold.id]) {
    for (const place of placesOf(ending, hold)) {
      const measured = before.some(({ id, place: at }) => id === ending.finding && speaksFor(at, place));
      const asked = { ...ending, ...(place === undefined ? {} : { place }), measured };
      slots.set(pieceSlot({ finding: ending.finding, place }), weighed(asked, said, since));
    }
  }
  return [...slots.values()];
}

function placesOf({ at, when }: Ending, { because }: Pick<Hold, 'because'>): (Place | undefined)[] {
  const causes = because.filter(
    ({ id, state }) => when === undefined || (id === when.finding && (when.states?.includes(state) ?? true)),
  );
  if (causes.length === 0) return [];
  if (at === 'car') return [undefined];
  if (at === 'because') return causes.map(({ place }) => place);
  const wheels = causes.flatMap(({ place }): readonly Corner[] =>
    place === undefined ? cornersOf(undefined) : cornersOf(axleOf(cornersOf(place)[0]!)),
  );
  return [...new Set(wheels)];
}

type Asked = Pick<Ending, 'finding' | 'states' | 'or'> & { place?: Place; measured: boolean };

function weighed(
  { finding, states, or, place, measured }: Asked,
  said: readonly AfterAnswer[],
  since: string,
) {
  const piece: Evidence = {
    finding,
    ...(place === undefined ? {} : { place }),
    wants: states,
    measured,
    status: 'missing',
  };
  const other = or && latest(said, or.finding, place, since);
  const own = latest(said, finding, place, since, measured);
  if (or && other && or.states.includes(other.state) && !other.stale)
    return { ...piece, state: other.state, at: other.at, finding: or.finding, status: 'good' as const };
  if (!own) return piece;
  return { ...piece, state: own.state, at: own.at, status: statusOf(own, states) };
}

function statusOf({ state, from, stale }: AfterAnswer, wants: readonly string[]): Evidence['status'] {
  if (!statesIn(state).every((each) => wants.includes(each))) return 'wrong';
  if (stale) return 'stale';
  return from === 'implied' ? 'implied' : 'good';
}

/** The last word on a question at a place since the hold came on; said of every wheel, it is said of the car. */
function latest(
  said: readonly AfterAnswer[],
  finding: FindingId,
  place: Place | undefined,
  since: string,
  measured = false,
): AfterAnswer | undefined {
  const fitting = said.filter(
    (each) => each.id === finding && each.at >= since && (!measured || each.from === 'measured'),
  );
  const direct = fitting.filter((each) => speaksFor(each.place, place));
  const [last] = [...direct].sort((one, other) => other.at.localeCompare(one.at));
  if (last || place !== undefined) return last;
  const wheels = cornersOf(undefined).map(
    (corner) =>
      fitting
        .filter((each) => speaksFor(each.place, corner))
        .sort((one, other) => other.at.localeCompare(one.at))[0],
  );
  return wheels.every((each) => each !== undefined && each.state === wheels[0]!.state)
    ? wheels[0]
    : undefined;
}
