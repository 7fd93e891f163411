import { expose } from 'comlink';
import { type Change, changesBy } from '../core/readings/heat/changes';
import { heatSession } from '../core/readings/heat/session';
import type { HeatSessionInput } from '../core/readings/heat/sessionSchema';

/** A session and what could be changed about it, worked out beside the page. */
const heat = {
  session: (input: HeatSessionInput): ReturnType<typeof heatSession> => heatSession(input),
  changes: (input: HeatSessionInput): Change[] => changesBy(input),
};
export type HeatWorker = typeof heat;

expose(heat);
