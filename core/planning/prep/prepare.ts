import { asSentence, inSentence } from '../../base/sentence';
import { axleOf } from '../../car/corner';
import { answerWords } from '../../readings/vocabulary/words';
import { PART_LIVES, partDue } from '../due/partLife';
import type { ProcedureId } from '../library';
import { PART_KINDS, type PartKind } from '../shelf/parts';
import { wholeMinutes } from '../works';
import type { PrepFacts } from './facts';
import { fluidLines } from './fluidLines';
import { PREP_STAGES, type PrepLine, type PrepStage, worstOf } from './line';
import { lookInPrep } from './lookInPrep';
import { readPrep } from './readPrep';
import { wearPrep } from './wearPrep';

export type Preparation = {
  /** In the order in which it is met. */
  lines: PrepLine[];
  /** Go, not, what to bring, or not known before somebody looks. */
  verdict: 'go' | 'not' | 'buy' | 'look';
  /** What it takes from here, min. */
  minutes: number;
};

/** The job that renews a part with a life. */
const RENEWS: Partial<Record<PartKind, ProcedureId>> = {
  studs: 'wheel_studs',
  hose: 'hose',
  seal_kit: 'caliper_rebuild',
  float_kit: 'float',
  cap: 'reservoir_cap',
};

/**
 * Whether a car is ready for an event: what stops it, what its fluid, pads, rotors, dials and parts with a life say of that day,
 * and what is done each time, in the order in which wheels come off.
 */
export function prepare(facts: PrepFacts): Preparation {
  const all = [
    ...holdLines(facts),
    ...wrongLines(facts),
    ...fluidLines(facts),
    ...noteLines(facts),
    ...wearPrep(facts),
    ...readPrep(facts),
    ...lifeLines(facts),
    ...lookInPrep(facts),
    ...eachTime(facts),
  ];
  const lines = PREP_STAGES.flatMap((stage) => all.filter((line) => line.stage === stage));
  const verdict = worstOf(lines.map((line) => line.verdict));
  return {
    lines,
    verdict: verdict === 'do' ? 'go' : verdict,
    minutes: lines.reduce((sum, { minutes }) => sum + minutes, 0),
  };
}

function holdLines({ inBay }: PrepFacts): PrepLine[] {
  return inBay.flatMap(({ job, holds }) =>
    holds.map(({ label }) => ({
      ...{
        id: `hold ${job.id} ${label}`,
        stage: 'standing' as const,
        what: `Stays here: ${inSentence(label)}`,
      },
      ...{ verdict: 'not' as const, why: `Job ${job.number} holds the car.`, minutes: 0, job },
    })),
  );
}

/** What was found wrong in an open job and not put right: whether it goes like that somebody has to say. */
function wrongLines({ inBay }: PrepFacts): PrepLine[] {
  return inBay.flatMap(({ job, wrong }) =>
    wrong.map(({ id, place, state }) => ({
      id: `wrong ${job.id} ${id} ${place ?? ''}`,
      stage: place === undefined ? ('standing' as const) : axleOf(place),
      what: asSentence(answerWords(id, place, state)),
      ...{ verdict: 'look' as const, why: `Found in job ${job.number}, not put right yet.`, minutes: 0, job },
    })),
  );
}

/** What falls due by the day: a repair that was temporary stops the car, what was noted is there to be done. */
function noteLines({ notes, event }: PrepFacts): PrepLine[] {
  return notes
    .filter(({ dueOn }) => dueOn !== null && dueOn <= event.onDate)
    .map(({ what, why, dueOn, temporary }) => ({
      ...{ id: `note ${what} ${dueOn}`, stage: 'standing', what, minutes: 0 },
      verdict: temporary ? 'not' : 'do',
      why: `${why === '' ? '' : `${why} `}Due ${dueOn}.`,
    }));
}

function lifeLines(facts: PrepFacts): PrepLine[] {
  const { parts, events, event, limits, today } = facts;
  return parts
    .filter((part) => part.removedOn === null && PART_LIVES[part.kind])
    .map((part) => {
      const due = partDue(part, events, limits, today)!;
      const isDue = due.dueOn !== null && due.dueOn <= event.onDate;
      const work = RENEWS[part.kind];
      return {
        id: `life ${part.id}`,
        stage: part.place === '' ? 'standing' : axleOf(part.place),
        what: `${PART_KINDS[part.kind]}${part.place === '' ? '' : ` ${part.place}`}`,
        verdict: isDue ? 'not' : 'go',
        why: due.why,
        minutes: isDue && work ? wholeMinutes(work) : 0,
        ...(isDue ? { buy: { kind: part.kind, place: part.place, count: 1, unit: 'pcs' as const } } : {}),
      };
    });
}

/** What is done before every event, whatever the figures say. */
function eachTime({ car }: PrepFacts): PrepLine[] {
  const torque = car.torquesNm?.wheel;
  const done = (id: string, stage: PrepStage, what: string, why: string, minutes: number): PrepLine => ({
    ...{ id, stage, what, verdict: 'do', why, minutes },
  });
  return [
    done('level', 'standing', 'Level, cap, a look for wet spots', 'Firm pedal held while somebody looks.', 4),
    {
      ...done(
        'torque',
        'after',
        'Wheels to torque, and again after the first session',
        torque === undefined ? 'The maker’s figure is not on file.' : 'By the wrench, crosswise.',
        6,
      ),
      ...(torque === undefined ? {} : { figure: { value: torque, unit: 'N·m', decimals: 0 } }),
    },
    done('pedal', 'after', 'Firm pedal before it moves', 'Pumped up, held, a slow roll.', 2),
  ];
}
