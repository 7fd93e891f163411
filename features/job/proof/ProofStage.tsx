'use client';

import { evidenceTogether, pieceSlot } from '@/core/job/pieces';
import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { HoldsPanel } from '../../checks/HoldsPanel';
import { LaterFluidForm } from '../../measure/whole/LaterFluidForm';
import { useJob } from '../../record/JobProvider';
import { ChangeTrials } from './ChangeTrials';
import { ClosingForm } from './ClosingForm';
import { OutOnProof } from './OutOnProof';
import { ProofRow } from './ProofRow';
import { WhatItDid } from './WhatItDid';

/** The same checks again at rest, after against before; then the drive; then the outcome. */
export function ProofStage() {
  const { sheet, judgement, closed } = useJob();
  const wanted = new Set(evidenceTogether(judgement.holds.filter((hold) => !hold.proof)).map(pieceSlot));
  const fluidRead =
    sheet.readings.some((row) => row.kind === 'fluid') ||
    sheet.works.some((work) => work.procedure === 'flush' || work.procedure === 'wrong_fluid');
  return (
    <>
      <h2 className="mb-2 text-2xl">
        Proof{' '}
        <span className="ml-1 text-base font-medium text-soft">
          firm pedal at rest before the car moves, then slow, straight, empty
        </span>
      </h2>
      <HoldsPanel />
      <WhatItDid />
      <ul className="border-t-2 border-ink">
        {judgement.proof
          // What ends a hold is asked above, once.
          .filter((check) => !check.out && !wanted.has(pieceSlot(check)))
          .map((check) => (
            <ProofRow key={pieceSlot(check)} check={check} />
          ))}
      </ul>
      {fluidRead && !wanted.has(pieceSlot({ finding: 'fluid_moisture' })) && (
        <section className="mt-4">
          <h3 className="text-xl">Fluid again</h3>
          <LaterFluidForm phase="after" />
        </section>
      )}
      <OutOnProof />
      <ChangeTrials />
      {closed ? (
        <p className="mt-5">
          <Link href={`/ledger/${sheet.job.id}`} className={buttonClass('primary')}>
            The whole story
          </Link>
        </p>
      ) : (
        <ClosingForm />
      )}
    </>
  );
}
