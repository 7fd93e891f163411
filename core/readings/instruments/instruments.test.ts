import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startingSet } from '../../car/startingSets';
import { readRotor } from '../rotor/rotor';
import { type Condition, soundCondition, truthAt } from './condition';
import { INSTRUMENT_KINDS, INSTRUMENTS, instrumentFor } from './kinds';
import {
  checksum,
  FAULTS,
  formatMessage,
  formatRequest,
  lineCutter,
  type Message,
  parseMessage,
  parseRequest,
} from './protocol';
import { simulatedInstrument } from './simulate';

const CAR = startingSet('heavy_coupe');

/** A small seeded generator (Park and Miller), so that a simulated reading is the same every time. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

describe('the line protocol', () => {
  it('frames a line with the exclusive or of its characters', () => {
    expect(checksum('R?')).toBe('6D');
    expect(formatRequest('send')).toBe('R?*6D\r\n');
    expect(formatMessage({ type: 'reading', value: -0.021, unit: 'mm', settled: true })).toMatch(
      /^R,-0\.021,mm,S\*[0-9A-F]{2}\r\n$/,
    );
  });

  it('reads back everything it writes, whatever the wire cuts it into', () => {
    const message = fc.oneof(
      fc.record({
        type: fc.constant('reading' as const),
        value: fc.integer({ min: -60000, max: 60000 }).map((steps) => steps / 1000),
        unit: fc.constantFrom(
          'mm' as const,
          'in' as const,
          '%' as const,
          '°C' as const,
          '°F' as const,
          'N' as const,
        ),
        settled: fc.boolean(),
      }),
      fc.record({ type: fc.constant('fault' as const), fault: fc.constantFrom(...FAULTS) }),
      fc.constantFrom(...INSTRUMENT_KINDS).map((kind) => ({
        type: 'identity' as const,
        kind,
        resolution: INSTRUMENTS[kind].resolution,
        unit: INSTRUMENTS[kind].unit,
        serial: 'A-17',
      })),
    );
    fc.assert(
      fc.property(
        fc.array(message, { minLength: 1, maxLength: 6 }),
        fc.array(fc.nat(30)),
        (messages, cuts) => {
          const wire = messages.map((each) => formatMessage(each as Message)).join('');
          const cut = lineCutter();
          const lines: string[] = [];
          let at = 0;
          for (const length of cuts) {
            lines.push(...cut(wire.slice(at, at + length)));
            at += length;
          }
          lines.push(...cut(wire.slice(at)));
          expect(lines.map(parseMessage)).toEqual(messages.map((value) => ({ ok: true, value })));
        },
      ),
    );
    for (const request of ['identify', 'send', 'zero'] as const)
      expect(parseRequest(formatRequest(request).trim())).toEqual({ ok: true, value: request });
  });

  it('refuses a damaged line, and never takes it for another figure', () => {
    const line = formatMessage({ type: 'reading', value: 0.25, unit: 'mm', settled: true }).trim();
    fc.assert(
      fc.property(fc.nat(line.length - 1), fc.integer({ min: 33, max: 126 }), (at, code) => {
        const damaged = line.slice(0, at) + String.fromCharCode(code) + line.slice(at + 1);
        fc.pre(damaged !== line);
        expect(parseMessage(damaged).ok).toBe(false);
      }),
    );
  });

  it('says what it cannot read', () => {
    const why = (body: string) => {
      const read = parseMessage(`${body}*${checksum(body)}`);
      return read.ok ? '' : read.why;
    };
    expect(why('I,teapot,0.1,mm,A')).toMatch(/teapot/);
    expect(why('I,dial,0.001,°C,A')).toMatch(/dial indicator does not read in °C/);
    expect(why('R,0.25,mm,S')).toMatch(/not a figure/);
    expect(why('R,+0.25,furlong,S')).toMatch(/not a unit/);
    expect(why('R,+0.25,mm')).toMatch(/settled/);
    expect(why('Q')).toMatch(/not a line/);
    expect(parseMessage('R,+0.25,mm,S')).toMatchObject({ ok: false });
    expect(lineCutter()('x'.repeat(200))).toEqual([]);
  });
});

describe('simulated instruments', () => {
  const condition: Condition = soundCondition(CAR);

  it('settle on what is there, to their own step, and say when they have', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const { quantity, resolution, settlingMs, noise } = INSTRUMENTS[kind];
      expect(instrumentFor(quantity)).toBe(kind);
      const instrument = simulatedInstrument(kind, condition, { random: seeded(7) });
      expect(instrument.display(0)).toBeNull();
      const pose = {
        displacement: { point: 'bearing', corner: 'FL' },
        thickness: { point: 'rotor_thickness', corner: 'FL' },
        moisture: { point: 'reservoir' },
        boiling: { point: 'reservoir' },
        temperature: { point: 'face', corner: 'FL' },
        force: { point: 'pedal' },
      } as const;
      instrument.place(pose[quantity], 0);
      const truth = {
        displacement: 0.015,
        thickness: 32,
        moisture: 0.4,
        boiling: 221,
        temperature: 62,
        force: 300,
      };
      const shown = instrument.display(30 * settlingMs)!;
      expect(shown.settled).toBe(true);
      expect(Math.abs(shown.value - truth[quantity])).toBeLessThan(4 * noise + resolution);
      expect(Math.round(shown.value / resolution) * resolution).toBeCloseTo(shown.value, 6);
      if (quantity !== 'displacement') expect(instrument.display(1)!.settled).toBe(false);
    }
  });

  it('answer on the line: who they are, a reading, zero, and a fault where there is nothing to touch', () => {
    const dial = simulatedInstrument('dial', condition, { random: seeded(3), serial: 'D-4' });
    const ask = (request: 'identify' | 'send' | 'zero', at: number) =>
      dial.receive(formatRequest(request).trim(), at).map((line) => parseMessage(line.trim()));
    expect(ask('identify', 0)).toMatchObject([{ value: { type: 'identity', kind: 'dial', serial: 'D-4' } }]);
    expect(ask('send', 0)).toMatchObject([{ value: { type: 'fault', fault: 'contact' } }]);
    dial.place({ point: 'rotor_face', corner: 'FR', angleDeg: 0 }, 0);
    expect(ask('zero', 5000)).toMatchObject([{ value: { type: 'reading', value: 0 } }]);
    expect(dial.display(5000)!.value).toBe(0);
    expect(dial.receive('nonsense', 0)).toEqual([]);
    const moisture = simulatedInstrument('moisture', condition, { random: seeded(3) });
    moisture.place({ point: 'pedal' }, 0);
    expect(moisture.display(0)).toBeNull();
  });

  it('measure the same hidden wobble, however many stations and wherever zeroed', () => {
    const bent: Condition = {
      ...condition,
      corners: {
        ...condition.corners,
        FR: {
          ...condition.corners.FR,
          rotor: { wobbleMm: 0.09, highDeg: 200, waveMm: 0, waveDeg: 0 },
          hub: { wobbleMm: 0.04, highDeg: 60 },
        },
      },
    };
    const found = [8, 12, 24].map((stations) => {
      const dial = simulatedInstrument('dial', bent, { random: seeded(stations) });
      const runoutMm = Array.from({ length: stations }, (_, station) => {
        dial.place(
          { point: 'rotor_face', corner: 'FR', angleDeg: (360 * station) / stations },
          station * 9000,
        );
        if (station === 0) dial.receive(formatRequest('zero').trim(), 8000);
        return dial.display(station * 9000 + 8000)!.value;
      });
      return readRotor({ runoutMm }).orders[0]!;
    });
    for (const order of found) {
      expect(order.peakToPeakMm).toBeCloseTo(found[0]!.peakToPeakMm, 2);
      expect(Math.abs(order.highAngleDeg! - found[0]!.highAngleDeg!)).toBeLessThan(4);
    }
    expect(truthAt(bent, { point: 'hub_face', corner: 'FR', angleDeg: 60 })).toBeCloseTo(0.02, 9);
  });

  it('say out of range only once they have settled there', () => {
    const soaked: Condition = { ...condition, fluid: { moisturePct: 9, boilingC: 84 } };
    const tester = simulatedInstrument('boiling', soaked, { random: seeded(5) });
    tester.place({ point: 'reservoir' }, 0);
    const answer = (at: number) => parseMessage(tester.receive(formatRequest('send').trim(), at)[0]!.trim());
    expect(answer(200)).toMatchObject({ value: { type: 'reading', settled: false } });
    expect(answer(60_000)).toMatchObject({ value: { type: 'fault', fault: 'range' } });
  });

  it('find no rotor on a drum', () => {
    const hatch = soundCondition(startingSet('hatch'));
    expect(truthAt(hatch, { point: 'rotor_face', corner: 'RL' })).toBeUndefined();
    expect(
      truthAt(hatch, { point: 'pad', corner: 'RL', pad: { side: 'inner', end: 'leading' } }),
    ).toBeUndefined();
    expect(truthAt(hatch, { point: 'hub_face', corner: 'RL' })).toBeDefined();
  });
});
