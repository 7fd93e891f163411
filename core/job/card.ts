import { leadingCause } from '../diagnosis/diagnose';
import type { CauseVerdict } from '../diagnosis/verdict';
import { type Measured, measuredOf } from '../planning/wear/measured';
import { derivedAnswers } from './current';
import type { Derived } from './derived';
import { holdsOn } from './holds';
import { outProof } from './outProof';
import type { JobHold } from './pieces';
import { stageToOpen } from './progress';
import type { ProofDrive } from './proofDrive';
import { questionOfJob } from './question';
import type { JobSheet } from './sheet';
import type { Stage } from './stage';
import { standingReadings } from './standing';

/** What the board shows of a job. */
export type JobCard = {
  holds: JobHold[];
  derived: Derived[];
  measured: Measured;
  stage: Stage;
  /** The drive it is out on. */
  out?: ProofDrive;
  leading?: Pick<CauseVerdict, 'id' | 'probability' | 'corner'>;
};

/** A job at a glance: what holds it, what was measured, where it stands, what it leans to. */
export function cardOf(sheet: JobSheet): JobCard {
  const known = sheet.answers.length + sheet.readings.length > 0;
  const out = outProof(sheet);
  return {
    holds: holdsOn(sheet).filter((hold) => !hold.proof),
    derived: derivedAnswers(sheet.readings, 'before'),
    measured: measuredOf(standingReadings(sheet)),
    stage: stageToOpen(sheet),
    ...(out.state === 'out' ? { out: out.drive } : {}),
    ...(known ? { leading: leadingCause(questionOfJob(sheet)) } : {}),
  };
}
