import type { ProcedureId } from '@/core/planning/library';
import type { WorkRow } from '@/core/planning/run/rows';
import { MOST_MINUTES, minutesTaken, TOOK } from '@/core/planning/run/took';
import { runMinutes } from '@/core/planning/works';
import { useJob } from '../../record/JobProvider';
import { RecordFields } from './RecordFields';

/** How long it took by its steps, beside what was planned; put right where they tell it wrong. */
export function Minutes({ work, planned }: { work: WorkRow; planned: ProcedureId | undefined }) {
  const { sheet, closed, tick } = useJob();
  const taken = minutesTaken(work, sheet.ticks);
  if (!taken) return null;
  const beside = planned && work.alone === undefined ? `, planned about ${runMinutes(planned)}` : '';
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
