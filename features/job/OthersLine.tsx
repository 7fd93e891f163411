'use client';

import { inSentence } from '@/core/base/sentence';
import type { Stage } from '@/core/job/stage';
import { useOthers } from '../record/Presence';

/** Who else has this job open, and where in it. */
export function OthersLine({ labels }: { labels: Record<Stage, string> }) {
  const others = useOthers();
  if (others.length === 0) return null;
  return (
    <p role="status" className="truncate text-small font-semibold text-bronze">
      {others
        .map(
          ({ name, stage, question }) =>
            `${name}: ${inSentence(labels[stage])}${question === '' ? '' : `, ${inSentence(question)}`}`,
        )
        .join(' · ')}
    </p>
  );
}
