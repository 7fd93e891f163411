'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { CORNER_WORDS, type Corner } from '@/core/car/corner';
import { headOf } from '@/core/job/standing';
import { MEASURES } from '@/core/readings/measures';
import { Button } from '@/ui/Button';
import { Measure } from '../../measure/Measure';
import { PhaseProvider } from '../../measure/PhaseContext';
import { readingWords } from '../../measure/readingWords';
import { useJob } from '../../record/JobProvider';
import { ahead } from '../../shell/ahead';
import { calledUp, untilThere } from '../../shell/later';
import { useUnits } from '../../shell/useUnits';

const AllGood = calledUp(
  dynamic(() => untilThere(() => import('../../measure/lookin/AllGood').then((module) => module.AllGood))),
);
ahead(() => import('../../measure/lookin/AllGood'));

/** The corners to look in at: each opens to its keys, all at once are good in one press; nobody has to. */
export function LookIns({ corners }: { corners: readonly Corner[] }) {
  const { sheet, judgement, closed } = useJob();
  const units = useUnits();
  const [open, setOpen] = useState<Corner>();
  const head = (corner: Corner) => {
    const row = headOf(
      sheet.readings,
      'before',
      (each) => each.kind === MEASURES.lookIn.kind && each.corner === corner,
    );
    return row?.input ? row : undefined;
  };
  const left = corners.filter((corner) => !head(corner));
  const taken = () => setOpen(left.find((corner) => corner !== open));
  return (
    <PhaseProvider phase="before">
      <div className="mt-2 flex flex-wrap gap-2">
        {corners.map((corner) => (
          <Button
            key={corner}
            aria-label={`Look in ${CORNER_WORDS[corner]}`}
            aria-expanded={open === corner}
            look={open === corner ? 'primary' : 'plain'}
            // Opens what is looked at; the key that goes on is another.
            data-loud={undefined}
            className="min-h-14 min-w-20 text-xl"
            onClick={() => setOpen(open === corner ? undefined : corner)}
          >
            {corner}
          </Button>
        ))}
        {!closed && left.length > 1 && <AllGood corners={left} />}
      </div>
      {open && <Measure measure="lookIn" corner={open} onDone={closed ? undefined : taken} />}
      <ul className="mt-1">
        {corners.flatMap((corner) => {
          const row = corner === open ? undefined : head(corner);
          if (!row) return [];
          return (
            <li key={corner}>
              <b className="narrow">{corner}</b>{' '}
              <span className="reading text-soft">{readingWords(row, judgement.figures[row.id], units)}</span>
            </li>
          );
        })}
      </ul>
    </PhaseProvider>
  );
}
