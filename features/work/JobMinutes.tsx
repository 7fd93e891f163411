import { listed } from '@/core/base/sentence';
import type { ProcedureId } from '@/core/planning/library';
import type { Procedure } from '@/core/planning/procedure';
import { wholeMinutes } from '@/core/planning/works';
import { useWorkPlace } from './WorkPlace';

/** How long a job of the library takes, with what follows it, and how long it took in this shop. */
export function JobMinutes({ id, procedure }: { id: ProcedureId; procedure: Procedure }) {
  const taken = useWorkPlace().took[id];
  const bedIn = procedure.bedIn && id !== 'bed_in';
  const beside = [...(procedure.bleed ? ['bleed'] : []), ...(bedIn ? ['bed-in'] : [])];
  return (
    <span className="text-soft">
      About {wholeMinutes(id)} min{beside.length > 0 && `, ${listed(beside)} with it`}.
      {taken &&
        ` In this shop ${taken.minutes} min${bedIn ? ' before the bed-in' : ''}, ${
          taken.jobs === 1 ? 'once so far' : `the middle of ${taken.jobs}`
        }.`}
    </span>
  );
}
