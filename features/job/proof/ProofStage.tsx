'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { evidenceTogether, pieceSlot } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateWord } from '@/core/readings/vocabulary/words';
import { Button, buttonClass } from '@/ui/Button';
import { Timer } from '@/ui/Timer';
import { useDesk } from '../desk/Desk';
import { FindingRow } from '../FindingRow';
import { HoldsPanel } from '../HoldsPanel';
import { ClosingForm } from './ClosingForm';
import { WhatItDid } from './WhatItDid';

const FluidForm = dynamic(() => import('../../measure/whole/FluidForm').then((module) => module.FluidForm), {
  ssr: false,
  loading: () => <div className="min-h-64" />,
});

const CHANGES: Record<ProofCheck['change'], { word: string; tone: string }> = {
  not_yet: { word: 'not yet', tone: 'text-soft' },
  came_right: { word: 'came right', tone: 'text-go' },
  was_right: { word: 'right, as before', tone: 'text-go' },
  right_now: { word: 'right', tone: 'text-go' },
  still_wrong: { word: 'still wrong', tone: 'text-stop' },
  went_wrong: { word: 'wrong now', tone: 'text-stop' },
};

const FROM: Record<NonNullable<ProofCheck['from']>, string> = {
  asked: 'asked',
  measured: 'measured',
  implied: 'from the run, to be confirmed',
};

function comesFrom({ stale, from }: ProofCheck): string {
  return stale ? 'said before the system was touched again' : from ? FROM[from] : '';
}

/** The same checks again, after against before; then the outcome. */
export function ProofStage() {
  const { sheet, judgement, closed, confirm } = useDesk();
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
          .filter((check) => !wanted.has(pieceSlot(check)))
          .map((check) => (
            <FindingRow
              key={`${check.finding} ${check.place ?? ''}`}
              finding={check.finding}
              phase="after"
              place={check.place}
              about={
                <>
                  Before:{' '}
                  <b className="font-semibold text-ink">
                    {check.before ? stateWord(check.finding, check.before).toLowerCase() : 'not checked'}
                  </b>
                  {' · '}
                  <b className={`font-semibold ${CHANGES[check.change].tone}`}>
                    {CHANGES[check.change].word}
                  </b>
                  {check.after && ` · ${comesFrom(check)}`}
                  {findingOf(check.finding).minutes !== undefined &&
                    ` · ${findingOf(check.finding).minutes} min`}
                </>
              }
            >
              {!closed && (check.stale || check.from === 'implied') && (
                <Button className="mt-2" onClick={() => confirm(check.finding, check.place, check.after!)}>
                  It is so now
                </Button>
              )}
              {check.finding === 'pedal_hold' && !closed && (
                <div className="mt-2">
                  <Timer seconds={30} label="Time 30 s" />
                </div>
              )}
            </FindingRow>
          ))}
      </ul>
      {fluidRead && !wanted.has(pieceSlot({ finding: 'fluid_moisture' })) && (
        <section className="mt-4">
          <h3 className="text-xl">Fluid again</h3>
          <FluidForm phase="after" />
        </section>
      )}
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
