import type { Issue } from '../base/issues/issue';
import { diagnose } from '../diagnosis/diagnose';
import type { WorkRow } from '../planning/run/rows';
import { doneTogether } from '../planning/run/spans';
import type { Due } from '../planning/run/step';
import { type Measured, measuredOf } from '../planning/wear/measured';
import { plannedMinutes } from '../planning/works';
import type { ReadFigure } from '../readings/definition';
import { figuresOf } from '../readings/figuresOf';
import { closingIssues, driveIssues, notBedded } from './closing';
import { derivedAnswers } from './current';
import type { Derived } from './derived';
import { type DriveCondition, driveConditions } from './driveConditions';
import { dueAfter } from './dueAfter';
import { holdsOn } from './holds';
import { type JobVerdict, jobVerdict } from './jobVerdict';
import { type OutProof, outProof } from './outProof';
import type { JobHold } from './pieces';
import { stageNotes } from './progress';
import { type ProofCheck, proofChecks } from './proof';
import { questionOfJob } from './question';
import type { JobSheet, ReadingRow } from './sheet';
import type { Stage } from './stage';
import { standingReadings } from './standing';
import { type DidIt, whatDidIt } from './whatDidIt';

/** Everything the tool thinks of a job as it stands. */
export type Judgement = {
  verdict: JobVerdict;
  holds: readonly JobHold[];
  derived: { before: Derived[]; after: Derived[] };
  /** The figures of each reading as one would say them, by its id. */
  figures: Record<ReadingRow['id'], ReadFigure[]>;
  /** What was last measured at each corner, for the plan. */
  measured: Measured;
  proof: readonly ProofCheck[];
  /** Which work each thing that came right can be put down to. */
  didIt: DidIt[];
  /** Works begun before another one was over: what did it cannot be told apart. */
  together: string[];
  notes: Record<Stage, string>;
  /** The proof on the road or track, the conditions of the complaint, and what keeps the car from being driven. */
  out: OutProof & { conditions: DriveCondition[]; toDrive: Issue[] };
  /** What still stands in the way of closing it as cured. */
  toClose: Issue[];
  /** What each work was planned to take by itself, minutes. */
  planned: Record<WorkRow['id'], number>;
  /** What the finished work makes due. */
  dueNext: Due[];
  /** Pads or discs still want bedding in. */
  notBedded: boolean;
};

/** What the form itself asks for is taken as given. */
const CHOSEN_IN_THE_FORM = { outcome: 'cured' as const, confirmed: ['chosen'], bedInTold: 'told' };

/** Judges a job sheet; pure, so server and browser say the same. */
export function judge(sheet: JobSheet): Judgement {
  const proof = proofChecks(sheet);
  return {
    verdict: jobVerdict(diagnose(questionOfJob(sheet))),
    holds: holdsOn(sheet),
    derived: {
      before: derivedAnswers(sheet.readings, 'before'),
      after: derivedAnswers(sheet.readings, 'after'),
    },
    figures: Object.fromEntries(sheet.readings.map((row) => [row.id, figuresOf(row)])),
    measured: measuredOf(standingReadings(sheet)),
    proof,
    didIt: whatDidIt(sheet, proof),
    together: [...doneTogether(sheet.works, sheet.ticks)],
    notes: stageNotes(sheet),
    out: { ...outProof(sheet), conditions: driveConditions(sheet), toDrive: driveIssues(sheet) },
    toClose: closingIssues(sheet, CHOSEN_IN_THE_FORM),
    planned: plannedMinutes(sheet.works),
    dueNext: dueAfter(sheet),
    notBedded: notBedded(sheet),
  };
}
