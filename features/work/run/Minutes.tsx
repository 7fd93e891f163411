import type { WorkRow } from '@/core/planning/run/rows';
import { MOST_MINUTES, minutesTaken, TOOK } from '@/core/planning/run/took';
import { useJob } from '../../record/JobProvider';
import { RecordFields } from './RecordFields';

/** How long it took by its steps, beside what was planned; put right where they tell it wrong. */
export function Minutes({ work }: { work: WorkRow }) {
  const { sheet, judgement, closed, tick } = useJob();
  const taken = minutesTaken(work, sheet.ticks);
  if (!taken) return null;
  const planned = judgement.planned[work.id];
  const beside = planned === undefined ? '' : `, planned about ${planned}`;
  if (closed)
    return (
      <p className="my-2 text-lg">
        Took <b className="reading font-semibold">{taken.minutes} min</b>
        {beside}
      </p>
    );
  return (
    <RecordFields
      fields={[
        {
          id: 'minutes',
          label: `Took, ${taken.said ? 'as said' : 'by its steps'}${beside}`,
          kind: 'amount',
          unit: 'min',
          start: Math.max(1, taken.minutes),
          step: 5,
          most: MOST_MINUTES,
        },
      ]}
      record={taken.said ? { minutes: taken.minutes } : {}}
      onChange={(record) => tick(work.id, TOOK, true, { record })}
    />
  );
}
