import { describe, expect, it } from 'vitest';
import { formatMessage, type Message } from '@/core/readings/instruments/protocol';
import { greet } from './instrument';
import type { Link } from './link';

const IDENTITY: Message = { type: 'identity', kind: 'dial', serial: 'T-1', unit: 'mm', resolution: 0.001 };
const reading = (value: number, settled: boolean): Message => ({
  type: 'reading',
  value,
  unit: 'mm',
  settled,
});

/** A line whose far end answers from a list; the listener is what the gauge's own button speaks to. */
function lineOf(answers: Message[]): Link & { press: (message: Message) => void } {
  let listener: (chunk: string) => void = () => {};
  return {
    async write() {
      const next = answers.shift();
      if (next) queueMicrotask(() => listener(formatMessage(next)));
    },
    onChunk: (next) => {
      listener = next;
    },
    onGone: () => {},
    close: () => {},
    press: (message) => listener(formatMessage(message)),
  };
}

describe('an instrument on a line', () => {
  it('is asked again until it has settled', async () => {
    const instrument = await greet(lineOf([IDENTITY, reading(0.04, false), reading(0.05, true)]));
    expect(instrument).toMatchObject({ kind: 'dial', serial: 'T-1', resolution: 0.001 });
    expect(await instrument.read()).toBe(0.05);
  });

  it('says in its own words why it has no reading', async () => {
    const instrument = await greet(lineOf([IDENTITY, { type: 'fault', fault: 'contact' }]));
    await expect(instrument.read()).rejects.toThrow('the tip touches nothing');
  });

  it('tells of its own button what came, and what was not taken because it still moved', async () => {
    const line = lineOf([IDENTITY]);
    const instrument = await greet(line);
    const heard: unknown[] = [];
    instrument.onReading(
      (value) => heard.push(value),
      (why) => heard.push(why),
    );
    line.press(reading(0.031, false));
    line.press(reading(0.032, true));
    line.press({ type: 'fault', fault: 'range' });
    expect(heard).toEqual(['still settling, nothing was taken: press again', 0.032, 'out of its range']);
  });

  it('is no instrument when it does not say what it is', async () => {
    await expect(greet(lineOf([reading(1, true)]))).rejects.toThrow('it does not say what it is');
  });
});
