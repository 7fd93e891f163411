'use client';

import { inSentence } from '@/core/base/sentence';
import { runOf } from '@/core/planning/run/run';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { slotWords } from '../../work/figureWords';

/** Each work with its figure before and after, and what came right by it: one, or several that cannot be told apart. */
export function WhatItDid() {
  const { sheet, judgement } = useJob();
  const units = useUnits();
  if (sheet.works.length === 0) return null;
  const together = new Set(judgement.together);
  const titleOf = (id: string) => sheet.works.find((work) => work.id === id)?.title ?? 'a work';
  return (
    <section aria-label="What the work did" className="mb-4">
      <table className="w-full">
        <thead>
          <tr className="narrow border-b-2 border-ink text-left text-small">
            <th scope="col">Work</th>
            <th scope="col">Before</th>
            <th scope="col">After</th>
          </tr>
        </thead>
        <tbody>
          {sheet.works.map((work) => {
            const { state } = runOf(work, sheet.ticks);
            const after = work.measuredBy && slotWords({ sheet, judgement, units }, work.measuredBy, 'after');
            return (
              <tr key={work.id} className="border-b border-rule align-top">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {work.title}
                  {state === 'left_undone' && <span className="text-soft"> left undone</span>}
                  {state === 'under_way' && <span className="font-semibold text-bronze"> not finished</span>}
                  {together.has(work.id) && (
                    <span className="font-semibold text-bronze"> together with another</span>
                  )}
                </th>
                <td className="py-1 pr-3">{work.before || 'no figure'}</td>
                <td className="py-1 font-semibold">
                  {after ?? (work.measuredBy ? 'not measured yet' : '—')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {judgement.didIt.length > 0 && (
        <ul className="mt-2">
          {judgement.didIt.map(({ check, works }) => (
            <li key={`${check.finding} ${check.place ?? ''}`}>
              <b className="font-semibold text-go">
                {findingOf(check.finding).label} {check.place} came right
              </b>{' '}
              {works.length === 1
                ? `by: ${inSentence(titleOf(works[0]!))}`
                : works.length > 1
                  ? `by one of: ${works.map((id) => inSentence(titleOf(id))).join(', ')}. Nothing was measured between them`
                  : 'without work'}
              .
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
