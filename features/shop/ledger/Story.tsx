'use client';

import type { Judgement } from '@/core/job/judgement';
import type { JobHold } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import type { JobSheet } from '@/core/job/sheet';
import type { Measured } from '@/core/planning/wear/measured';
import type { Authors } from '@/server/jobs/authors';
import type { JobLeft } from '@/server/ledger/left';
import { Photos } from '../../car/photo/Photos';
import { Chapter } from './Chapter';
import { StoryChecks, StoryComplaint } from './StoryChecks';
import { StoryFigures } from './StoryFigures';
import { StoryHead, StoryOutcome } from './StoryHead';
import { SignLines, StoryLeft } from './StoryLeft';
import { StoryCorrections, StoryHolds, StoryProof, StoryVerdicts } from './StoryProof';
import { StoryWork } from './StoryWork';

type Props = {
  sheet: JobSheet;
  holds: readonly JobHold[];
  proof: readonly ProofCheck[];
  derived: Judgement['derived'];
  figures: Judgement['figures'];
  left: JobLeft;
  measured: Measured;
  authors: Authors;
};

/** A closed job from complaint to proof. */
export function Story({ sheet, holds, proof, derived, figures, measured, left, authors }: Props) {
  const { job, car } = sheet;
  const photos = sheet.photos.filter(({ jobId }) => jobId === job.id);
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <StoryHead sheet={sheet} />
      <StoryOutcome sheet={sheet} derived={derived} measured={measured} authors={authors} />
      <StoryComplaint sheet={sheet} authors={authors} />
      <StoryChecks sheet={sheet} derived={derived} figures={figures} authors={authors} />
      <StoryHolds holds={holds} />
      <StoryVerdicts sheet={sheet} authors={authors} />
      <StoryWork sheet={sheet} authors={authors} />
      <StoryFigures before={derived.before} after={derived.after} />
      <StoryProof sheet={sheet} proof={proof} authors={authors} />
      {photos.length > 0 && (
        <Chapter title="Photographs">
          <Photos carId={car.id} photos={photos} />
        </Chapter>
      )}
      <StoryLeft {...left} bedInTold={job.bedInTold} />
      <StoryCorrections sheet={sheet} />
      <SignLines />
    </main>
  );
}
