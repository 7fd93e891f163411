import { expose } from 'comlink';
import { type HeatBand, heatBand } from '../core/readings/heat/band';
import { type Change, changesBy, pairsBy } from '../core/readings/heat/changes';
import { heatSession } from '../core/readings/heat/session';
import type { HeatSessionInput } from '../core/readings/heat/sessionSchema';

export type HeatWork = {
  session: ReturnType<typeof heatSession>;
  band: HeatBand;
  /** What could be changed about it; pairs come last, when all are tried. */
  changes: Change[];
  pairs?: Change[];
};

/** A session and what could be changed about it, worked out beside the page. */
const heat = {
  /**
   * Works a session out piece by piece, the quick ones first.
   * @param onPiece told of what is there, and how far the pairs are, 0 to 1
   */
  work(input: HeatSessionInput, onPiece: (work: HeatWork, done: number) => void): void {
    const session = heatSession(input);
    const work: HeatWork = { session, band: heatBand(input, session.fit), changes: changesBy(input) };
    onPiece(work, 0);
    const pairs = pairsBy(input, work.changes, (done, all) => onPiece(work, done / all));
    onPiece({ ...work, pairs }, 1);
  },
};
export type HeatWorker = typeof heat;

expose(heat);
