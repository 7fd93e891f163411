import type { undo } from '../../shell/undo';
import type { JobStore } from '../jobStore';
import { answerCommands } from './answers';
import { contextOf } from './context';
import { proofCommands } from './proof';
import { readingCommands } from './readings';
import { workCommands } from './works';

export type JobCommands = ReturnType<typeof createJobCommands>;

/**
 * What is done to a job: each makes an entry over what stands at that moment, and gives it to the store.
 * @param offer lets the person take back what was just done
 */
export function createJobCommands(store: JobStore, offer: (typeof undo)['offer']) {
  const context = contextOf(store);
  return {
    ...answerCommands(context, offer),
    ...readingCommands(context),
    ...workCommands(context),
    ...proofCommands(context),
    refresh: store.refresh,
    replaceSheet: store.take,
  };
}
