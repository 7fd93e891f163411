import { inSentence, listed } from '../../base/sentence';
import { AXLES, type Axle, axleOf, type Corner, cornersOf } from '../../car/corner';
import { SOURCE_WORDS } from '../../car/limits/sources';
import type { DatedReading } from '../../readings/dated';
import { deriveFindings } from '../../readings/derive';
import { type Figures, traceOf } from '../../readings/traces';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { isAbnormal } from '../../readings/vocabulary/several';
import { stateInSentence } from '../../readings/vocabulary/words';
import type { ProcedureId } from '../library';
import { wholeMinutes } from '../works';
import { isFresh, type PrepFacts } from './facts';
import type { PrepFigure, PrepLine } from './line';

/** What is read at a corner before an event, its minutes (common practice, no source), and the job where it is out. */
const READ: {
  kind: string;
  what: string;
  /** What of the reading is asked here: a rotor's thickness is its wear. */
  says: readonly FindingId[];
  minutes: number;
  work: ProcedureId;
  disc?: true;
}[] = [
  {
    kind: 'rotor',
    what: 'Runout and thickness variation',
    says: ['rotor_runout', 'rotor_dtv', 'rotor_shape'],
    ...{ minutes: 8, work: 'reindex', disc: true },
  },
  { kind: 'bearing', what: 'Bearing play', says: ['bearing_play'], minutes: 4, work: 'bearing' },
];

/** What a dial finds at the corners, axle by axle: out is not, unread since the car last ran is to be looked at. */
export function readPrep(facts: PrepFacts): PrepLine[] {
  return AXLES.flatMap((axle) =>
    READ.filter(({ disc }) => !disc || facts.car[axle].brake === 'disc').map((read) =>
      readLine(facts, axle, read),
    ),
  );
}

type Out = { corner: Corner; words: string; figure?: PrepFigure };

function readLine(
  facts: PrepFacts,
  axle: Axle,
  { kind, what, says, minutes, work }: (typeof READ)[number],
): PrepLine {
  const base = { id: `${axle} ${kind} read`, stage: axle, what } as const;
  const read = facts.readings.filter(
    (each) => each.kind === kind && each.corner !== '' && axleOf(each.corner) === axle,
  );
  const out = read.flatMap((reading) => outOf(reading, says));
  if (out.length > 0)
    return {
      ...base,
      verdict: 'not',
      why: `${out.map(({ words }) => words).join('; ')}.`,
      ...(out[0]!.figure ? { figure: out[0]!.figure } : {}),
      minutes: wholeMinutes(work),
    };
  const fresh = read.filter((each) => isFresh(each, facts)).map(({ corner }) => corner);
  const open = cornersOf(axle).filter((corner) => !fresh.includes(corner));
  if (open.length > 0)
    return {
      ...base,
      verdict: 'look',
      why: `${listed(open)} not read since the car last ran.`,
      minutes: minutes * open.length,
    };
  return { ...base, verdict: 'go', why: 'Read since the car last ran, within limits.', minutes: 0 };
}

/** What a reading says is wrong, by its own trace. What its rules can no longer read says nothing. */
function outOf({ kind, corner, input }: DatedReading, says: readonly FindingId[]): Out[] {
  const { derived, result } = deriveFindings({ kind, corner, input }, 'reading');
  return derived
    .filter(({ id, state }) => says.includes(id) && isAbnormal(id, state))
    .map(({ id, state }) => {
      const trace = result && traceOf(kind, id, state, result as Figures, input, corner);
      return {
        corner: corner as Corner,
        words: `${corner}: ${inSentence(findingOf(id).label)} ${stateInSentence(id, state)}`,
        ...(trace
          ? {
              figure: {
                value: trace.value,
                unit: trace.unit,
                decimals: trace.decimals,
                ...(trace.limit
                  ? { limit: { value: trace.limit.value, from: SOURCE_WORDS[trace.limit.from] } }
                  : {}),
              },
            }
          : {}),
      };
    });
}
