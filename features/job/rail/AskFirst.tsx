'use client';

import { usePathname } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Place } from '@/core/car/corner';
import { askFirst } from '@/core/diagnosis/askFirst';
import type { NextCheck } from '@/core/diagnosis/verdict';
import { slotOf } from '@/core/readings/merged';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { FindingKeys } from '../../record/FindingKeys';
import { useSettledJob } from '../../record/JobProvider';
import { useMay } from '../../shell/PersonContext';
import { useKept } from '../../shell/useKept';
import { savedWords } from './savedWords';

/** A new question takes no press meant for the one before it, ms. */
const GUARD_MS = 500;

const ASIDE = 'min-h-11 text-small font-semibold underline underline-offset-4 disabled:opacity-50';

type Said = { finding: FindingId; place: Place | undefined; state: string };

/** The question to the driver that is worth more than the next check: asked and answered where it is read. */
export function AskFirst({ check }: { check: NextCheck | undefined }) {
  const { sheet, judgement, answer, stateOf } = useSettledJob();
  const mayWork = useMay('work');
  // The first stage has every question, and marks these.
  const isAskedThere = usePathname().endsWith('/complaint');
  const [passed, keepPassed] = useKept<string[]>(`nobody-says.${sheet.job.id}`, []);
  const [said, setSaid] = useState<Said | null>(null);
  const question = askFirst(judgement.verdict, check, new Set(passed));
  const slot = question ? slotOf({ id: question.id, place: question.corner }) : '';
  const settled = useSettled(slot);
  const { section, onKeyDown } = useKeysGoOn(settled, slot);
  if (!question || !mayWork || isAskedThere) return null;
  const { id, corner, saves } = question;
  const { ask } = findingOf(id);
  const asked = placed({ finding: id, place: corner });
  return (
    <section
      ref={section}
      aria-label="Worth asking first"
      onKeyDownCapture={onKeyDown}
      className="border-l-[6px] border-straw pl-3"
    >
      <p className="text-small text-soft">Ask the driver first · saves about {savedWords(saves)}</p>
      <h3 className="text-lg">{asked}</h3>
      {ask && <p className="mb-1.5 text-small text-soft">{ask}</p>}
      <div className="flex flex-wrap items-center gap-x-5">
        <FindingKeys
          key={slot}
          label={asked}
          finding={id}
          said=""
          disabled={!settled}
          onAnswer={(state) => {
            if (state === null) return;
            answer('before', id, corner, state);
            setSaid({ finding: id, place: corner, state });
          }}
        />
        <button
          type="button"
          disabled={!settled}
          onClick={() => keepPassed([...passed, slot])}
          className={ASIDE}
        >
          Nobody can say
        </button>
        {said && stateOf('before', said.finding, said.place) === said.state && (
          <button
            type="button"
            aria-label={`Take back: ${placed(said)}, ${word(said)}`}
            onClick={() => answer('before', said.finding, said.place, null)}
            className={ASIDE}
          >
            Take back “{word(said)}”
          </button>
        )}
      </div>
    </section>
  );
}

const placed = ({ finding, place }: Pick<Said, 'finding' | 'place'>) =>
  `${findingOf(finding).label}${place ? ` ${place}` : ''}`;

const word = ({ finding, state }: Said) => stateInSentence(finding, state);

/** Whether what stands here has stood long enough to be meant by a press. */
function useSettled(slot: string): boolean {
  const [standing, setStanding] = useState(slot);
  useEffect(() => {
    if (standing === slot) return;
    const timer = setTimeout(() => setStanding(slot), GUARD_MS);
    return () => clearTimeout(timer);
  }, [standing, slot]);
  return standing === slot;
}

/** Whoever answers by keys answers the next question by keys: it has the focus once it takes a press. */
function useKeysGoOn(settled: boolean, slot: string) {
  const section = useRef<HTMLElement>(null);
  const answeredByKeys = useRef('');
  useEffect(() => {
    if (!settled || answeredByKeys.current === '' || answeredByKeys.current === slot) return;
    answeredByKeys.current = '';
    // With the answered question its key went away; whoever has moved on since has the focus elsewhere.
    if (document.activeElement !== document.body) return;
    section.current?.querySelector<HTMLElement>('[role="radio"], button')?.focus();
  }, [settled, slot]);
  const onKeyDown = useCallback(() => {
    answeredByKeys.current = slot;
  }, [slot]);
  return { section, onKeyDown };
}
