import { inSentence } from '../../base/sentence';
import { UNITS, type Unit } from '../../base/units/convert';
import { INSTRUMENT_KINDS, INSTRUMENTS, type InstrumentKind } from './kinds';

/** What an instrument says on the line; docs/instruments.md describes it for people who build one. */
export type Message =
  | { type: 'identity'; kind: InstrumentKind; resolution: number; unit: Unit | '%'; serial: string }
  | { type: 'reading'; value: number; unit: Unit | '%'; settled: boolean }
  | { type: 'fault'; fault: Fault };

export const FAULTS = ['range', 'battery', 'contact'] as const;
export type Fault = (typeof FAULTS)[number];

/** What the host may say: who are you, send when settled, set to zero here. */
export type Request = 'identify' | 'send' | 'zero';

const REQUESTS: Record<Request, string> = { identify: 'I?', send: 'R?', zero: 'Z!' };
const LINE_END = '\r\n';
/** Longer than any honest line; what is longer is noise and is thrown away. */
const MOST_CHARACTERS = 80;

/** Exclusive or of every character before the star, as two hexadecimal digits. */
export function checksum(body: string): string {
  let sum = 0;
  for (const character of body) sum ^= character.codePointAt(0)! & 0xff;
  return sum.toString(16).toUpperCase().padStart(2, '0');
}

export function formatRequest(request: Request): string {
  return framed(REQUESTS[request]);
}

export function formatMessage(message: Message): string {
  switch (message.type) {
    case 'identity':
      return framed(`I,${message.kind},${message.resolution},${message.unit},${message.serial}`);
    case 'reading':
      return framed(`R,${signed(message.value)},${message.unit},${message.settled ? 'S' : 'U'}`);
    case 'fault':
      return framed(`E,${message.fault}`);
  }
}

export type ReadLine<T> = { ok: true; value: T } | { ok: false; why: string };

/** Reads one line of an instrument, without its line end. */
export function parseMessage(line: string): ReadLine<Message> {
  const body = unframed(line);
  if (!body.ok) return body;
  const [type, ...parts] = body.value.split(',');
  if (type === 'I') return identity(parts);
  if (type === 'R') return reading(parts);
  if (type === 'E' && parts.length === 1 && (FAULTS as readonly string[]).includes(parts[0]!))
    return { ok: true, value: { type: 'fault', fault: parts[0] as Fault } };
  return { ok: false, why: `“${line}” is not a line of this protocol` };
}

/** Reads one line of the host. */
export function parseRequest(line: string): ReadLine<Request> {
  const body = unframed(line);
  if (!body.ok) return body;
  const found = (Object.keys(REQUESTS) as Request[]).find((request) => REQUESTS[request] === body.value);
  return found ? { ok: true, value: found } : { ok: false, why: `“${line}” asks for nothing known` };
}

/** Cuts what comes off a wire into lines; a part of a line waits for its rest. */
export function lineCutter(): (chunk: string) => string[] {
  let rest = '';
  return (chunk) => {
    const lines = (rest + chunk).split(/\r?\n/);
    rest = lines.pop()!;
    if (rest.length > MOST_CHARACTERS) rest = '';
    return lines.filter((line) => line !== '');
  };
}

function identity([kind, resolution, unit, serial, ...more]: string[]): ReadLine<Message> {
  const step = Number(resolution);
  if (!INSTRUMENT_KINDS.includes(kind as InstrumentKind))
    return { ok: false, why: `an instrument of the kind “${kind}” is not known` };
  if (!(step > 0) || !isUnit(unit) || !serial || more.length > 0)
    return { ok: false, why: 'the instrument does not say its step, unit and serial number' };
  if (!sameDimension(unit, INSTRUMENTS[kind as InstrumentKind].unit))
    return {
      ok: false,
      why: `a ${inSentence(INSTRUMENTS[kind as InstrumentKind].label)} does not read in ${unit}`,
    };
  return {
    ok: true,
    value: { type: 'identity', kind: kind as InstrumentKind, resolution: step, unit, serial },
  };
}

function reading([value, unit, flag, ...more]: string[]): ReadLine<Message> {
  if (!/^[+-]\d+(\.\d+)?$/.test(value ?? '')) return { ok: false, why: `“${value}” is not a figure` };
  if (!isUnit(unit)) return { ok: false, why: `“${unit}” is not a unit` };
  if ((flag !== 'S' && flag !== 'U') || more.length > 0)
    return { ok: false, why: 'the reading does not say whether it has settled' };
  return { ok: true, value: { type: 'reading', value: Number(value), unit, settled: flag === 'S' } };
}

function isUnit(text: string | undefined): text is Unit | '%' {
  return text === '%' || (text !== undefined && Object.hasOwn(UNITS, text));
}

function sameDimension(left: Unit | '%', right: Unit | '%'): boolean {
  if (left === '%' || right === '%') return left === right;
  return UNITS[left].dimension === UNITS[right].dimension;
}

function signed(value: number): string {
  return `${value < 0 ? '-' : '+'}${Math.abs(value)
    .toFixed(4)
    .replace(/\.?0+$/, '')}`;
}

function framed(body: string): string {
  return `${body}*${checksum(body)}${LINE_END}`;
}

function unframed(line: string): ReadLine<string> {
  const match = /^(.+)\*([0-9A-F]{2})$/.exec(line);
  if (!match) return { ok: false, why: `“${line.slice(0, 40)}” has no checksum` };
  const [, body, sum] = match as unknown as [string, string, string];
  return checksum(body) === sum
    ? { ok: true, value: body }
    : { ok: false, why: 'a line came damaged: its checksum does not fit' };
}
