import { describe, expect, it } from 'vitest';
import { startingSet } from '@/core/car/startingSets';
import { rotorSchema } from '@/core/readings/rotor/schema';
import { INCHES, METRIC } from '../../../tests/support/units';
import {
  blankRotor,
  figureOf,
  type RotorTyped,
  readTyped,
  resized,
  rotorOrder,
  typedFrom,
  withFigure,
} from './typed';

const axle = { ...startingSet('saloon').front, rotorNewMm: 28, rotorMinimumMm: 26, studs: 5 };
const given = { axle, units: METRIC, shop: {} };
const RUNOUT = ['0', '.02', '.05', '.06', '.05', '.03', '-.01', '-.02'];
const THICK = ['26.20', '26.21', '26.2', '26.2', '26.2', '26.19', '26.2', '26.2'];

/** Types figures one after another, as the keys send them. */
const type = (typed: RotorTyped, figures: Record<string, string>) =>
  Object.entries(figures).reduce((sheet, [name, text]) => withFigure(sheet, name, text), typed);
const column = (name: string, texts: readonly string[]) =>
  Object.fromEntries(texts.map((text, station) => [`${name}.${station}`, text]));
const full = () => type(blankRotor(8), { ...column('runout', RUNOUT), ...column('thickness', THICK) });

describe('a rotor as it is typed', () => {
  it('takes each figure in its own place and leaves the others', () => {
    const typed = type(
      { ...blankRotor(8), repeats: [Array(8).fill('')] },
      {
        'runout.3': '.06',
        'repeat.0.7': '.01',
        'thickness.0': '26.2',
        closing: '0',
        outer: '26.3',
      },
    );
    expect(
      ['runout.3', 'repeat.0.7', 'thickness.0', 'closing', 'outer', 'inner'].map((name) =>
        figureOf(typed, name),
      ),
    ).toEqual(['.06', '.01', '26.2', '0', '26.3', '']);
    expect(typed.runout.filter((text) => text !== '')).toEqual(['.06']);
  });

  it('is taken once round and closed, further rounds, then thickness', () => {
    const order = rotorOrder({ ...blankRotor(8), repeats: [Array(8).fill('')] });
    expect(order).toHaveLength(8 + 1 + 8 + 8);
    expect([order[0], order[8], order[9], order.at(-1)]).toEqual([
      'runout.0',
      'closing',
      'repeat.0.0',
      'thickness.7',
    ]);
    expect(new Set(order).size).toBe(order.length);
  });

  it('keeps what was read when the count of stations changes', () => {
    const more = resized(full(), 12);
    expect(more.runout.slice(0, 8)).toEqual(RUNOUT);
    expect(more.runout.slice(8)).toEqual(['', '', '', '']);
    expect(resized(more, 8)).toEqual(full());
  });

  it('is no reading until every station’s runout is there, and then one that the schema takes', () => {
    const half = type(blankRotor(8), column('runout', RUNOUT.slice(0, 5)));
    expect(readTyped(half, given)).toMatchObject({ runout: [0, 0.02, 0.05, 0.06, 0.05, null, null, null] });
    expect(readTyped(half, given).input).toBeUndefined();
    const { input, wrong, unfinished } = readTyped(full(), given);
    expect([wrong, unfinished]).toEqual([undefined, undefined]);
    expect(rotorSchema.parse(input)).toMatchObject({
      runoutMm: [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02],
      newMm: 28,
      minimumMm: 26,
      studs: 5,
    });
  });

  it('says which column was begun and not ended', () => {
    const begun = type(full(), { 'thickness.4': '' });
    expect(readTyped(begun, given).unfinished).toBe('thickness.4');
    expect(readTyped({ ...full(), outer: '26.1' }, given).unfinished).toBe('inner');
    const round = { ...full(), repeats: [['.01', ...Array(7).fill('')]] };
    expect(readTyped(round, given).unfinished).toBe('repeat.0.1');
    expect(readTyped(round, given).input!.repeatsMm).toBeUndefined();
  });

  it.each([
    ['runout.2', '5', 'was 0.05 meant? Up to 2 mm either way is accepted'],
    ['runout.2', 'five', 'a figure in mm is needed'],
    ['closing', '-3', 'was -0.03 meant?'],
    ['thickness.1', '0.5', '1 to 80 mm is accepted'],
    ['thickness.1', '29', 'more than new (28.0 mm); another rotor?'],
    ['outer', '90', '1 to 80 mm is accepted'],
  ])('names what cannot be: %s %s', (name, text, why) => {
    const { wrong, input } = readTyped(type(full(), { [name]: text }), given);
    expect(wrong).toMatchObject({ name, text, why: expect.stringContaining(why) });
    expect(input).toBeUndefined();
  });

  it('carries the limit of the car or the shop with whose it is, and not what is only usual', () => {
    expect(readTyped(full(), given).input!.limits).toBeUndefined();
    const shop = readTyped(full(), { ...given, shop: { dtvMm: 0.02 } }).input!;
    expect([shop.limits, shop.limitsFrom]).toEqual([{ dtvMm: 0.02 }, { dtvMm: 'shop' }]);
    const own = readTyped(full(), { ...given, axle: { ...axle, runoutLimitMm: 0.03 } }).input!;
    expect([own.limits, own.limitsFrom]).toEqual([{ runoutMm: 0.03 }, { runoutMm: 'car' }]);
  });

  it('keeps the closing reading, the drift spread only with it, further rounds and the edges', () => {
    const typed: RotorTyped = {
      ...full(),
      closing: '.01',
      spread: true,
      repeats: [RUNOUT],
      outer: '26.3',
      inner: '26.1',
    };
    const { input } = readTyped(typed, given);
    expect(input).toMatchObject({
      closingMm: 0.01,
      spreadDrift: true,
      edgesMm: { outer: 26.3, inner: 26.1 },
    });
    expect(input!.repeatsMm).toHaveLength(1);
    expect(readTyped({ ...typed, closing: '' }, given).input!.spreadDrift).toBeUndefined();
  });

  it('takes inches exactly and keeps what was typed beside the figure', () => {
    const typed = type(
      blankRotor(8),
      column('runout', ['0', '.001', '.002', '.001', '0', '-.001', '-.002', '-.001']),
    );
    const { input, entered } = readTyped(typed, { ...given, units: INCHES });
    expect(input!.runoutMm[1]).toBe(0.0254);
    expect(entered).toMatchObject({ 'runoutMm[1]': '.001 in', 'runoutMm[2]': '.002 in' });
    const mixed = readTyped(type(full(), { 'runout.1': '.001 in' }), given);
    expect(mixed.entered).toEqual({ 'runoutMm[1]': '.001 in' });
  });

  it('comes back from a reading on file as it would be typed', () => {
    const { input } = readTyped({ ...full(), closing: '.01' }, given);
    const again = typedFrom(input!, METRIC);
    expect(readTyped(again, given).input).toEqual(input);
    expect(typedFrom({ runoutMm: [0, 0.0254] } as never, INCHES).runout).toEqual(['0', '0.001']);
  });
});
