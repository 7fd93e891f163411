import { inSentence } from '../../base/sentence';
import { traitsOf } from '../../car/traitsOf';
import { placeFields } from '../../diagnosis/verdict';
import { TRIAL_FIGURES } from '../../job/changeTrial';
import type { JobSheet } from '../../job/sheet';
import { givenFrom, standing, standingAnswers } from '../../job/standing';
import { planOf, ticksOf } from '../../planning/run/run';
import type { Phase } from '../../readings/phase';
import type { CaseFile, CaseFinding } from './schema';

/** A proof tells how it was proved in words; one that its evidence gave needs none here, and says that. */
const BY_EVIDENCE = 'By the checks after the work';
const LEAST_HOW = 3;

/** A job in the open case format; closed jobs carry their record. */
export function caseFromSheet(sheet: JobSheet): CaseFile {
  const { job } = sheet;
  const readings = standing(sheet.readings, 'before').filter((row) => row.input !== null);
  return {
    format: 'bavrin-case',
    version: 1,
    car: traitsOf(sheet.car),
    atHand: {
      helper: job.helper,
      wheelsOff: job.wheelsOff,
      ...(job.missing.length > 0 ? { missing: job.missing } : {}),
      ...(job.place === 'bay' ? {} : { place: job.place }),
    },
    ...(job.complaint === '' ? {} : { complaint: job.complaint }),
    ...(job.whenWhere === '' ? {} : { whenWhere: job.whenWhere }),
    ...(job.history === '' ? {} : { history: job.history }),
    findings: findings(sheet, 'before'),
    ...(readings.length === 0
      ? {}
      : {
          readings: readings.map(({ kind, corner, input }) => ({
            kind,
            ...(corner === '' ? {} : { corner }),
            input: input!,
          })),
        }),
    ...recordOf(sheet),
  };
}

/** What became of a closed job; one that was withdrawn has no work to tell of. */
function recordOf(sheet: JobSheet): Pick<CaseFile, 'record'> {
  const { openedAt, closedAt, outcome, confirmed, summary, closedBy } = sheet.job;
  if (outcome === null || outcome === 'withdrawn' || closedAt === null) return {};
  const holds = sheet.proofs.map(({ hold, how, provedBy, provedAt }) => ({
    id: hold,
    how: how.trim().length < LEAST_HOW ? BY_EVIDENCE : how,
    by: provedBy,
    at: provedAt,
  }));
  const work = [...workLines(sheet), ...driveLines(sheet), ...trialLines(sheet)];
  return {
    record: {
      ...{ openedAt, closedAt, outcome, confirmed, work, summary, by: closedBy ?? '' },
      ...{ proof: findings(sheet, 'after'), holds },
    },
  };
}

function findings(sheet: JobSheet, phase: Phase): CaseFinding[] {
  return standingAnswers(sheet.answers, phase)
    .flatMap(givenFrom)
    .map(({ id, state, place }) => ({ id, state, ...placeFields(place) }));
}

/** Work as lines of words: the title, then the steps that were ticked, with their notes. */
function workLines(sheet: JobSheet): string[] {
  return sheet.works.flatMap((work) => {
    const ticks = ticksOf(work.id, sheet.ticks);
    const done = planOf(work).steps.filter((step) => ticks.get(step.id)?.done);
    return [
      work.before === '' ? work.title : `${work.title} (before: ${work.before})`,
      ...done.map((step) => {
        const note = ticks.get(step.id)!.note;
        return note === '' ? `· ${step.title}` : `· ${step.title}: ${note}`;
      }),
    ];
  });
}

/** Drives on proof as lines of words. */
function driveLines({ proofDrives }: JobSheet): string[] {
  return proofDrives.map(({ driver, conditions, back }) => {
    const laps = back?.laps == null ? '' : `, ${back.laps} laps or stops`;
    const note = back === null || back.note === '' ? '' : `: ${back.note}`;
    return `Out on proof with ${driver} (${conditions}${laps})${note}`;
  });
}

function trialLines({ trials }: JobSheet): string[] {
  return trials.map(({ change, figure, before, after, note }) => {
    const { label, unit } = TRIAL_FIGURES[figure];
    const said = note === '' ? '' : ` (${note})`;
    return `Tried: ${change}; ${inSentence(label)} ${before.join(', ')} ${unit} before, ${after.join(', ')} after${said}`;
  });
}
