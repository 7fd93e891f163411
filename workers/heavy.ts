import { parentPort } from 'node:worker_threads';
import { expose } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import Papa from 'papaparse';
import type { Outcome } from '../core/base/issues/issue';
import { behind } from '../core/diagnosis/behind';
import { diagnose, leadingCause } from '../core/diagnosis/diagnose';
import { openCases } from '../core/exchange/casefile/many';
import type { OpenCase } from '../core/exchange/casefile/open';
import type { ReadBy } from '../core/exchange/readings/by';
import { readTable, type TakenReading } from '../core/exchange/readings/read';
import { cardOf } from '../core/job/card';
import { judge } from '../core/job/judgement';
import { questionOfJob } from '../core/job/question';
import type { JobSheet } from '../core/job/sheet';
import { FINDINGS } from '../core/readings/vocabulary/findings';

let opened: OpenCase[] = [];
let taken: TakenReading[] = [];

/** Of what is wrong with a table so much is told at once. */
const MOST_ISSUES = 50;

/** Of all findings so many warm an engine up as well as every one of them does, in a third of the time. */
const EVERY_SO_MANY = 6;

/** What the server computes off its main thread, so that nobody waits for somebody else's large request. */
const heavy = {
  /** The first verdicts of a fresh engine are several times slower than the rest: a small one, and one of many answers. */
  warmUp(): void {
    diagnose({ findings: [{ id: 'pedal_spongy', state: 'yes' }] });
    const some = FINDINGS.filter((_, index) => index % EVERY_SO_MANY === 0);
    diagnose({ findings: some.map(({ id, states }) => ({ id, state: states.at(-1)! })) });
  },
  judge,
  cardOf,
  verdictOf: (sheet: JobSheet) => diagnose(questionOfJob(sheet)),
  /** What stands behind the cause in front. */
  behindFirst(sheet: JobSheet) {
    const question = questionOfJob(sheet);
    return behind(question, leadingCause(question).id);
  },
  /** Reads cases and keeps them here: thousands of them would hold the main thread up on their way. */
  openCases(bytes: Uint8Array): Outcome<number> {
    const outcome = openCases(new TextDecoder().decode(bytes));
    if (!outcome.ok) return outcome;
    opened = outcome.value;
    return { ok: true, value: opened.length };
  },
  /** Reads a table and keeps its readings here; its head is its first line. */
  openTable(csv: string, by: ReadBy) {
    const [, ...rows] = Papa.parse<string[]>(csv, { skipEmptyLines: false }).data;
    const { readings, issues } = readTable(rows, by);
    // What follows is handed over by job, so that one batch holds few of them.
    taken = readings.sort(
      (left, right) => left.carId.localeCompare(right.carId) || left.day.localeCompare(right.day),
    );
    return {
      readings: readings.length,
      days: new Set(readings.map(({ day }) => day)).size,
      cars: new Set(readings.map(({ carId }) => carId)).size,
      refusedLines: new Set(issues.map(({ line }) => line)).size,
      issues: issues.slice(0, MOST_ISSUES),
    };
  },
  takeReadings: (from: number, to: number): TakenReading[] => taken.slice(from, to),
  takeCases: (from: number, to: number): OpenCase[] => opened.slice(from, to),
};
export type Heavy = typeof heavy;

expose(heavy, nodeEndpoint(parentPort!));
