import { readFileSync } from 'node:fs';
import { database } from '../../server/db/sql';
import { signIn } from '../../tests/support/signIn';
import { freePort } from '../system/port';
import { endGroup, type Server, serve } from '../system/web';
import { spread } from './spread';
import { openJob, writer } from './writer';

/** How long a crowd of one size is at work, and how often each of them answers, ms. */
const AT_WORK_MS = 20_000;
const EVERY_MS = 2_000;
/** A screen that follows later than this feels late, ms. */
const LATE_MS = 1_000;

/**
 * People on as many jobs, each with another screen that follows: how long a write takes, how long until the other screen has the new
 * sheet, what the servers hold in memory; more and more of them, until it is late.
 */
export async function crowdFigures(url: string, sizes: readonly number[], many: number): Promise<void> {
  const servers: Server[] = [];
  try {
    while (servers.length < many)
      servers.push(await serve({ port: await freePort(), host: '127.0.0.1', url }));
    const addresses = servers.map(({ address }) => address);
    const cookie = await signIn(addresses[0]!);
    const cars = await database()<{ id: string }[]>`select id from cars order by id`;
    for (const size of sizes) {
      const jobs: string[] = [];
      for (let at = 0; at < size; at++)
        jobs.push(await openJob(addresses[0]!, cookie, cars[at % cars.length]!.id));
      const { writes, delays } = await atWork(addresses, cookie, jobs);
      const who = `${size} people on ${size} jobs, ${many === 1 ? 'one server' : `${many} servers`}`;
      console.log(`${who}, a write: ${spread(writes)}`);
      console.log(`${who}, until the other screen has it: ${spread(delays)}`);
      const held = servers.map(({ pid }) => memoryMb(pid).toFixed(0)).join(' and ');
      console.log(`${who}: ${held} MB held`);
      if (late(delays)) return console.log(`${who}: too many`);
    }
  } finally {
    for (const { pid } of servers) endGroup(pid);
  }
}

/** Each person is at one of the servers, and their other screen at the next. */
async function atWork(addresses: readonly string[], cookie: string, jobs: readonly string[]) {
  const until = performance.now() + AT_WORK_MS;
  const isOver = () => performance.now() > until;
  const writes: number[] = [];
  const delays: number[] = [];
  await Promise.all(
    jobs.map(async (job, place) => {
      const at = (turn: number) => addresses[(place + turn) % addresses.length]!;
      const screen = follow(at(1), cookie, job);
      const { write } = writer(() => at(0), cookie, job);
      await pause((place / jobs.length) * EVERY_MS);
      while (!isOver()) {
        const started = performance.now();
        const landed = await write(isOver);
        if (!landed) break;
        writes.push(landed.ms);
        if (await screen.has(landed.id)) delays.push(performance.now() - started);
        await pause(Math.max(0, EVERY_MS - (performance.now() - started)));
      }
      screen.end();
    }),
  );
  return { writes, delays };
}

/** Another screen on a job: its line of events, and the sheet it fetches at each. */
function follow(address: string, cookie: string, job: string) {
  const stop = new AbortController();
  const seen = new Set<string>();
  const headers = { cookie };
  const fetchSheet = async () => {
    const response = await fetch(`${address}/api/jobs/${job}`, { headers, signal: stop.signal });
    for (const { id } of ((await response.json()) as { answers: { id: string }[] }).answers) seen.add(id);
  };
  const listen = async () => {
    const response = await fetch(`${address}/api/jobs/${job}/changes`, { headers, signal: stop.signal });
    const text = new TextDecoder();
    for await (const part of response.body!)
      if (text.decode(part).includes('data: changed')) await fetchSheet();
  };
  void listen().catch(() => undefined);
  return {
    async has(id: string): Promise<boolean> {
      const until = performance.now() + 10 * LATE_MS;
      while (!seen.has(id) && performance.now() < until) await pause(5);
      return seen.has(id);
    },
    end: () => stop.abort(),
  };
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

function late(delays: readonly number[]): boolean {
  const sorted = [...delays].sort((left, right) => left - right);
  return (sorted[Math.floor(sorted.length * 0.95)] ?? Number.POSITIVE_INFINITY) > LATE_MS;
}

/** What a process holds that is nobody else's too, MB. */
function memoryMb(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
}
