'use client';

import { useEffect } from 'react';
import type { NextCheck } from '@/core/diagnosis/verdict';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { buttonClass } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';
import { checkAnchor } from '../../checks/anchor';
import { foretell } from '../../checks/foretell';
import { wantCheck } from '../../checks/wanted';
import { useGo } from '../../shell/useGo';
import { isTyping } from '../../shell/useShortcuts';
import { savedWords } from './savedWords';

type Props = { jobId: string; next: NextCheck; wheelsOff: boolean; onGo: () => void };

/** The check that is worth most for its minutes, and what its answers would say. */
export function Next({ jobId, next, wheelsOff, onGo }: Props) {
  const finding = findingOf(next.id);
  const offNote =
    finding.where === 'wheels_off' ? (wheelsOff ? ' · wheel already off' : ' with taking wheels off') : '';
  return (
    <section aria-label="Worth doing next" className="border-2 border-ink bg-card p-3.5">
      <p className="text-small text-soft">
        Worth doing next · {next.minutes} min{offNote}, saves about {savedWords(next.saves)}
      </p>
      <h3 className="my-1 text-lg">
        {finding.label}
        {(next.corner ?? next.axle) && ` ${next.corner ?? next.axle}`}
      </h3>
      <p className="text-small text-soft">{foretell(next)}</p>
      <Link
        href={`/job/${jobId}/checks#${checkAnchor(next.id)}`}
        onClick={() => {
          wantCheck(next.id, next.corner);
          onGo();
        }}
        className={cn(buttonClass('primary'), 'mt-2.5 w-full')}
      >
        Do it
      </Link>
    </section>
  );
}

/** N goes to the next check. */
export function useNextKey(jobId: string, next: NextCheck | undefined): void {
  const go = useGo();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'n' || !next || isTyping(event)) return;
      wantCheck(next.id, next.corner);
      go(`/job/${jobId}/checks#${checkAnchor(next.id)}`);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [go, jobId, next]);
}
