'use client';

import type { BaseUnit } from '@/core/base/units/display';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { Derived } from '@/core/job/derived';
import { slotOf } from '@/core/readings/merged';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { useUnits } from '../../shell/useUnits';
import { Chapter } from './Chapter';

type Props = { before: readonly Derived[]; after: readonly Derived[] };

/** Every figure that was held against a limit, before the work and after it, with the limit and where it comes from. */
export function StoryFigures({ before, after }: Props) {
  const units = useUnits();
  const told = [...before, ...after].filter((each) => each.trace);
  const slots = [...new Map(told.map((each) => [slotOf(each), each])).values()];
  if (slots.length === 0) return null;
  const shown = (each: Derived | undefined) => {
    if (!each?.trace) return '—';
    return `${units.full(each.trace.value, each.trace.unit as BaseUnit, each.trace.decimals)}, ${stateInSentence(each.id, each.state)}`;
  };
  return (
    <Chapter title="Figures against limits">
      <table className="w-full max-w-3xl">
        <thead>
          <tr className="narrow border-b border-ink text-left text-small">
            <th scope="col">Figure</th>
            <th scope="col">Before</th>
            <th scope="col">After</th>
            <th scope="col">Limit</th>
          </tr>
        </thead>
        <tbody>
          {slots.map((each) => {
            const { limit, unit, decimals } = (after.find((one) => slotOf(one) === slotOf(each)) ?? each)
              .trace!;
            return (
              <tr key={slotOf(each)} className="border-b border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {findingOf(each.id).label} {each.place}
                </th>
                <td>{shown(before.find((one) => slotOf(one) === slotOf(each)))}</td>
                <td className="font-semibold">{shown(after.find((one) => slotOf(one) === slotOf(each)))}</td>
                <td className="text-soft">
                  {limit
                    ? `${units.full(limit.value, unit as BaseUnit, decimals)}, ${SOURCE_WORDS[limit.from]}`
                    : 'none'}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </Chapter>
  );
}
