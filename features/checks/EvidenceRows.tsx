'use client';

import { useState } from 'react';
import { type Corner, cornersOf, type Place } from '@/core/car/corner';
import { type Evidence, pieceSlot } from '@/core/job/pieces';
import { measureOf } from '@/core/readings/measureOf';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { Button } from '@/ui/Button';
import { Opens } from '@/ui/Opens';
import { Measure } from '../measure/Measure';
import { PhaseProvider } from '../measure/PhaseContext';
import { FindingRow } from '../record/FindingRow';
import { useJob } from '../record/JobProvider';

const STANDING: Record<Evidence['status'], { word: string; tone: string }> = {
  missing: { word: 'not answered yet', tone: 'text-soft' },
  wrong: { word: 'still wrong', tone: 'text-stop' },
  implied: { word: 'from the run: confirm it', tone: 'text-bronze' },
  stale: { word: 'said before the system was touched again', tone: 'text-bronze' },
  good: { word: 'proved', tone: 'text-go' },
};

/** Pieces shown by themselves: a car held by more than that is worked on first. */
const SHOWN = 12;

/** What ends the holds: each piece asked as such, or measured again where it was measured before. */
export function EvidenceRows({ evidence }: { evidence: readonly Evidence[] }) {
  const { confirm, closed } = useJob();
  const [all, setAll] = useState(false);
  const shown = all ? evidence : evidence.slice(0, SHOWN);
  return (
    <>
      <ul>
        {shown.map((piece) => {
          const { finding, place, wants, measured, status } = piece;
          const { word, tone } = STANDING[status];
          const wanted = wants.map((state) => stateInSentence(finding, state)).join(' or ');
          return (
            <FindingRow
              key={pieceSlot(piece)}
              finding={finding}
              phase="after"
              place={place}
              asked={!measured}
              about={
                <>
                  Wanted: <b className="font-semibold text-ink">{wanted}</b>
                  {measured && ', measured again'} ·{' '}
                  <b className={`font-semibold ${tone}`}>
                    {word}
                    {measured && status === 'wrong' && piece.state
                      ? ` (${stateInSentence(finding, piece.state)})`
                      : ''}
                  </b>
                </>
              }
            >
              {!closed && !measured && (status === 'implied' || status === 'stale') && (
                <Button className="mt-2" onClick={() => confirm(finding, place, piece.state!)}>
                  It is so now
                </Button>
              )}
              {!closed && status !== 'good' && (
                <MeasureAgain finding={finding} place={place} open={measured} />
              )}
            </FindingRow>
          );
        })}
      </ul>
      {shown.length < evidence.length && (
        <Button className="mt-2" onClick={() => setAll(true)}>
          {evidence.length - shown.length} more pieces of evidence
        </Button>
      )}
    </>
  );
}

/** The gauge field of a piece of evidence, at its corner; open where only a reading counts. */
function MeasureAgain({
  finding,
  place,
  open,
}: {
  finding: Evidence['finding'];
  place?: Place;
  open: boolean;
}) {
  const measure = measureOf(finding);
  if (!measure || measure === 'pedal') return null;
  const corner: Corner | undefined = place === undefined ? undefined : cornersOf(place)[0];
  const form = (
    <PhaseProvider phase="after">
      <Measure measure={measure} corner={corner} />
    </PhaseProvider>
  );
  if (open) return form;
  return (
    <Opens className="mt-1 text-small" head={<span className="text-soft">Measure it</span>}>
      {form}
    </Opens>
  );
}
