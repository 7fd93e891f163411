import { parentPort } from 'node:worker_threads';
import { expose } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import type { Outcome } from '../core/base/issues/issue';
import { diagnose } from '../core/diagnosis/diagnose';
import { openCases } from '../core/exchange/casefile/many';
import type { OpenCase } from '../core/exchange/casefile/open';
import { cardOf } from '../core/job/card';
import { judge } from '../core/job/judgement';
import { FINDINGS } from '../core/readings/vocabulary/findings';

// The first verdicts of a fresh engine are several times slower than the rest: a small one and one of everything are
// given before anybody asks.
diagnose({ findings: [{ id: 'pedal_spongy', state: 'yes' }] });
diagnose({ findings: FINDINGS.map(({ id, states }) => ({ id, state: states.at(-1)! })) });

let opened: OpenCase[] = [];

/** What the server computes off its main thread, so that nobody waits for somebody else's large request. */
const heavy = {
  judge,
  cardOf,
  /** Reads cases and keeps them here: thousands of them would hold the main thread up on their way. */
  openCases(bytes: Uint8Array): Outcome<number> {
    const outcome = openCases(new TextDecoder().decode(bytes));
    if (!outcome.ok) return outcome;
    opened = outcome.value;
    return { ok: true, value: opened.length };
  },
  takeCases: (from: number, to: number): OpenCase[] => opened.slice(from, to),
};
export type Heavy = typeof heavy;

expose(heavy, nodeEndpoint(parentPort!));
