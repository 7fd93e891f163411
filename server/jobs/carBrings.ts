import type { JobSheet } from '../../core/job/sheet';
import type { RowOf } from '../db/rows';
import { fillFromRow } from '../fills/queries';
import { kilometres } from '../units';

type OnFile = {
  photos?: JobSheet['photos'];
  setups?: JobSheet['setups'];
  clearAtMl: NonNullable<JobSheet['clearAtMl']>;
  goodPedal?: JobSheet['goodPedal'];
  /** What it was last filled with, and where its odometer was last seen: rows as they are on file. */
  fill?: RowOf<'fills'>;
  seen?: Pick<RowOf<'odometers'>, 'odometerM' | 'onDay'>;
  learned: NonNullable<JobSheet['learned']>;
};

type Brought = Pick<
  JobSheet,
  'photos' | 'setups' | 'clearAtMl' | 'goodPedal' | 'fill' | 'odometer' | 'learned'
>;

/** What a car brings to a job of its own; what is not on file of it is left out. */
export function carBrings(on: OnFile): Brought {
  const { photos = [], setups = [], clearAtMl, goodPedal, fill, seen, learned } = on;
  return {
    ...{ photos, setups },
    ...(Object.keys(clearAtMl).length > 0 ? { clearAtMl } : {}),
    ...(goodPedal ? { goodPedal } : {}),
    ...(fill ? { fill: fillFromRow(fill) } : {}),
    ...(seen ? { odometer: { km: kilometres(seen.odometerM)!, day: seen.onDay } } : {}),
    ...(learned.jobs > 0 ? { learned } : {}),
  };
}
