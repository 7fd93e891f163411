import type { Issue } from '../base/issues/issue';
import { inSentence } from '../base/sentence';
import { visitOf } from '../planning/run/mates';
import type { WorkRow } from '../planning/run/rows';
import { planOf, runOf, wantsBedIn } from '../planning/run/run';
import type { Closing } from './closingSchema';
import { cureIssues } from './cureIssues';
import { disturbedAt } from './disturbed';
import { openHolds } from './holds';
import { isCure } from './outcomes';
import { outProof } from './outProof';
import { type ProofCheck, proofChecks } from './proof';
import type { JobSheet } from './sheet';

/**
 * What still stands in the way of closing: a work under way, a hold without its proof, a pedal not proved firm after
 * work that touched it or that is said to have helped, a complaint called gone that nobody drove for, pads not bedded
 * and nobody told, no cause named for a cure.
 */
export function closingIssues(
  sheet: JobSheet,
  closing: Pick<Closing, 'outcome' | 'confirmed' | 'bedInTold'> & { summary?: string },
): Issue[] {
  if (closing.outcome === 'withdrawn') return withdrawingIssues(sheet, closing.summary ?? '');
  const checks = proofChecks(sheet);
  const touched = disturbedAt(sheet) !== undefined;
  const issues = [
    ...notWhole(sheet),
    ...outIssues(sheet),
    ...(touched || closing.outcome !== 'no_change' ? pedalNotFirm(checks) : []),
    ...(isCure(closing.outcome) ? cureIssues(sheet, checks) : []),
  ];
  if (notBedded(sheet) && (closing.bedInTold ?? '').trim() === '')
    issues.push({
      code: 'missing',
      path: 'bedInTold',
      value: 'not bedded in',
      accepted: 'a finished bed-in, or who told the driver that it is still to be done',
    });
  if (closing.outcome !== 'no_change' && closing.confirmed.length === 0) {
    issues.push({
      code: 'missing',
      path: 'confirmed',
      value: 'none',
      accepted: 'the cause or causes the work confirmed',
    });
  }
  return issues;
}

/** What keeps a car from being driven out on proof: it is apart, held, or its pedal is not proved firm at rest. */
export function driveIssues(sheet: JobSheet): Issue[] {
  return [...notWhole(sheet), ...pedalNotFirm(proofChecks(sheet))];
}

/** Nobody closes over a car that is not here. */
function outIssues(sheet: JobSheet): Issue[] {
  return outProof(sheet).state === 'out'
    ? [
        {
          code: 'refused',
          path: 'drive',
          value: 'not back yet',
          accepted: 'the car back from its drive on proof',
        },
      ]
    : [];
}

/** Works under way, and holds that nobody signed. */
function notWhole(sheet: JobSheet): Issue[] {
  return [
    ...worksUnderWay(sheet).map(
      ({ id, title }): Issue => ({
        code: 'refused',
        path: `works.${id}`,
        value: `under way (${title})`,
        accepted: 'finished, or left undone with the car whole',
      }),
    ),
    ...openHolds(sheet).map(
      (hold): Issue => ({
        code: 'refused',
        path: `holds.${hold.id}`,
        value: `open (${inSentence(hold.label)})`,
        accepted: `proved and signed: ${hold.until}`,
      }),
    ),
  ];
}

/** A job opened by mistake is withdrawn with a reason: nothing was begun on the car, and nothing holds it. */
function withdrawingIssues(sheet: JobSheet, summary: string): Issue[] {
  const begun = sheet.works.filter((work) => runOf(work, sheet.ticks).state !== 'waiting');
  return [
    ...begun.map(
      ({ id, title }): Issue => ({
        code: 'refused',
        path: `works.${id}`,
        value: `begun (${title})`,
        accepted: 'a job on which nothing was begun; this one is closed as what it was',
      }),
    ),
    ...openHolds(sheet).map(
      ({ id, label }): Issue => ({
        code: 'refused',
        path: `holds.${id}`,
        value: `open (${inSentence(label)})`,
        accepted: 'a job that holds no car: take the answer back if it was a mistake too',
      }),
    ),
    ...(summary.trim() === ''
      ? [{ code: 'missing' as const, path: 'summary', value: 'none', accepted: 'why it is withdrawn' }]
      : []),
  ];
}

function pedalNotFirm(checks: readonly ProofCheck[]): Issue[] {
  return [
    ...pedalIssues(checks, 'pedal_now', 'firm', 'firm at rest before the car moves'),
    ...pedalIssues(checks, 'pedal_hold', 'holds', 'holds for 30 s'),
  ];
}

function pedalIssues(
  checks: readonly ProofCheck[],
  id: 'pedal_now' | 'pedal_hold',
  good: string,
  accepted: string,
): Issue[] {
  const check = checks.find((each) => each.finding === id && each.place === undefined);
  const value =
    check?.after === undefined
      ? 'not checked'
      : check.stale
        ? 'answered before the system was touched again'
        : check.from === 'implied'
          ? 'only from the run, not confirmed'
          : check.after;
  return value === good ? [] : [{ code: 'refused', path: `proof.${id}`, value, accepted }];
}

/** Works begun and neither finished nor left; of a visit that was begun those to come as well. */
export function worksUnderWay({ works, ticks }: Pick<JobSheet, 'works' | 'ticks'>): WorkRow[] {
  return works.filter((work) => {
    const { state } = runOf(work, ticks);
    if (state !== 'waiting') return state === 'under_way';
    return visitOf(work, works, ticks).some((mate) => runOf(mate, ticks).state !== 'waiting');
  });
}

/** Whether friction was fitted or dressed that wants bedding in, and no bed-in was finished since. */
export function notBedded({ works, ticks }: Pick<JobSheet, 'works' | 'ticks'>): boolean {
  const ends = works.flatMap((work) => {
    const run = runOf(work, ticks);
    return run.state === 'finished' ? [{ plan: planOf(work), at: run.endedAt! }] : [];
  });
  const wanted = ends.filter(({ plan }) => wantsBedIn(plan));
  return wanted.some(({ at }) => !ends.some((each) => each.plan.procedure === 'bed_in' && each.at >= at));
}
