import type { ShopLimits } from '@/core/car/limits/catalogue';
import type { AxleSpec } from '@/core/car/spec';
import { PLAUSIBLE_DIAL_MM, ROTOR_RANGES } from '@/core/readings/rotor/ranges';
import { rotor } from '@/core/readings/rotor/reading';
import type { RotorInput } from '@/core/readings/rotor/schema';
import type { Units } from '../../shell/units';

/** A rotor's sheet as typed: text until it is whole. */
export type RotorTyped = {
  stations: number;
  runout: string[];
  thickness: string[];
  /** Station 1 again; further rounds; near the rim and near the hat. */
  closing: string;
  repeats: string[][];
  spread: boolean;
  outer: string;
  inner: string;
};

export const STATION_COUNTS = [8, 12, 16, 24];
export const LEAST_STATIONS = ROTOR_RANGES.stations[0];
export const MOST_STATIONS = 72;

export function blankRotor(stations: number): RotorTyped {
  return {
    stations,
    runout: Array(stations).fill(''),
    thickness: Array(stations).fill(''),
    closing: '',
    repeats: [],
    spread: false,
    outer: '',
    inner: '',
  };
}

/** A reading on file as it would be typed, to be corrected. */
export function typedFrom(input: RotorInput, { asTyped }: Units): RotorTyped {
  const texts = (values: readonly number[]) => values.map((value) => asTyped(value, 'mm'));
  const one = (value: number | undefined) => (value === undefined ? '' : asTyped(value, 'mm'));
  return {
    stations: input.runoutMm.length,
    runout: texts(input.runoutMm),
    thickness: input.thicknessMm ? texts(input.thicknessMm) : input.runoutMm.map(() => ''),
    closing: one(input.closingMm),
    repeats: (input.repeatsMm ?? []).map(texts),
    spread: input.spreadDrift ?? false,
    outer: one(input.edgesMm?.outer),
    inner: one(input.edgesMm?.inner),
  };
}

/** Another count of stations keeps what was read; more of them start empty. */
export function resized(typed: RotorTyped, stations: number): RotorTyped {
  const sized = (column: string[]) => Array.from({ length: stations }, (_, station) => column[station] ?? '');
  return {
    ...typed,
    stations,
    runout: sized(typed.runout),
    thickness: sized(typed.thickness),
    repeats: typed.repeats.map(sized),
  };
}

/** One figure of the sheet by its name: `runout.3`, `repeat.0.3`, `thickness.3`, `closing`, `outer`, `inner`. */
export function withFigure(typed: RotorTyped, name: string, text: string): RotorTyped {
  const [column, first, second] = name.split('.');
  const at = (texts: string[], index: number) => texts.map((each, other) => (other === index ? text : each));
  if (column === 'runout' || column === 'thickness')
    return { ...typed, [column]: at(typed[column], Number(first)) };
  if (column === 'repeat')
    return {
      ...typed,
      repeats: typed.repeats.map((set, index) => (index === Number(first) ? at(set, Number(second)) : set)),
    };
  return { ...typed, [column!]: text };
}

export function figureOf(typed: RotorTyped, name: string): string {
  const [column, first, second] = name.split('.');
  if (column === 'runout' || column === 'thickness') return typed[column][Number(first)] ?? '';
  if (column === 'repeat') return typed.repeats[Number(first)]?.[Number(second)] ?? '';
  return typed[column as 'closing' | 'outer' | 'inner'];
}

/** The order the figures are taken in: once round and closed, further rounds, thickness, edges last and only if wanted. */
export function rotorOrder(typed: RotorTyped): string[] {
  const stations = Array.from({ length: typed.stations }, (_, station) => station);
  return [
    ...stations.map((station) => `runout.${station}`),
    'closing',
    ...typed.repeats.flatMap((_, set) => stations.map((station) => `repeat.${set}.${station}`)),
    ...stations.map((station) => `thickness.${station}`),
  ];
}

export type RotorRead = {
  /** Runout as far as it is read; null where nobody has been yet. */
  runout: (number | null)[];
  input?: RotorInput;
  entered: Record<string, string>;
  /** The first figure missing from a column that was begun: a set is not written down with part of it left out. */
  unfinished?: string;
  /** The first figure that cannot be right: which one, and why, in words. */
  wrong?: { name: string; text: string; why: string };
};

type Given = {
  axle: AxleSpec;
  units: Units;
  shop: ShopLimits;
};

/** The sheet as a reading, as soon as it is one: every station's runout; thickness when all of it is there. */
export function readTyped(typed: RotorTyped, { axle, units, shop }: Given): RotorRead {
  const { read, entered, wrong } = reader(typed, units);
  const dial = (mm: number) =>
    Math.abs(mm) > PLAUSIBLE_DIAL_MM
      ? `was ${units.asTyped(mm / 100, 'mm')} meant? Up to ${units.full(PLAUSIBLE_DIAL_MM, 'mm', 0)} either way is accepted`
      : undefined;
  const thick = (mm: number) => thicknessWrong(mm, axle.rotorNewMm, units);
  const runout = typed.runout.map((_, station) => read(`runout.${station}`, `runoutMm[${station}]`, dial));
  const closing = read('closing', 'closingMm', dial);
  const repeats = typed.repeats.map((set, index) =>
    set.map((_, station) => read(`repeat.${index}.${station}`, `repeatsMm[${index}][${station}]`, dial)),
  );
  const thickness = typed.thickness.map((_, station) =>
    read(`thickness.${station}`, `thicknessMm[${station}]`, thick),
  );
  const edges = {
    outer: read('outer', 'edgesMm.outer', thick),
    inner: read('inner', 'edgesMm.inner', thick),
  };
  const unfinished = firstUnfinished({ thickness, repeats, edges });
  if (wrong() || !whole(runout)) return { runout, entered, unfinished, wrong: wrong() };

  const drift =
    closing === null ? {} : { closingMm: closing, ...(typed.spread ? { spreadDrift: true } : {}) };
  const input = {
    ...{ runoutMm: runout, ...drift, ...beside({ thickness, repeats, edges }) },
    ...(axle.rotorNewMm === null ? {} : { newMm: axle.rotorNewMm }),
    ...(axle.studs === null ? {} : { studs: axle.studs }),
    ...rotor.held!.own({ axle, shop }),
  };
  return { runout, entered, unfinished, input };
}

/** Reads figures of the sheet one after another, and keeps what was typed in another unit and the first that cannot be right. */
function reader(typed: RotorTyped, units: Units) {
  const entered: Record<string, string> = {};
  let wrong: RotorRead['wrong'];
  const read = (name: string, path: string, check: (mm: number) => string | undefined): number | null => {
    const text = figureOf(typed, name);
    const entry = units.read(text, 'mm');
    if (!entry) return null;
    const why = Number.isNaN(entry.value) ? `a figure in ${units.unit('mm')} is needed` : check(entry.value);
    if (why && !wrong) wrong = { name, text, why };
    if (entry.entered) entered[path] = entry.entered;
    return entry.value;
  };
  return { read, entered, wrong: () => wrong };
}

/** What goes with the runout, as far as somebody measured it. */
type Beside = {
  thickness: readonly (number | null)[];
  repeats: readonly (readonly (number | null)[])[];
  edges: { outer: number | null; inner: number | null };
};

function firstUnfinished({ thickness, repeats, edges: { outer, inner } }: Beside): string | undefined {
  return [
    firstGap('thickness', thickness),
    ...repeats.map((set, index) => firstGap(`repeat.${index}`, set)),
    (outer === null) === (inner === null) ? undefined : outer === null ? 'outer' : 'inner',
  ].find((name) => name !== undefined);
}

function beside({ thickness, repeats, edges: { outer, inner } }: Beside) {
  const rounds = repeats.filter(whole);
  return {
    ...(whole(thickness) ? { thicknessMm: thickness } : {}),
    ...(rounds.length === 0 ? {} : { repeatsMm: rounds }),
    ...(outer === null || inner === null ? {} : { edgesMm: { outer, inner } }),
  };
}

/** What a thickness cannot be. */
function thicknessWrong(mm: number, newMm: number | null, units: Units): string | undefined {
  if (mm < 1 || mm > 80) return `${units.show(1, 'mm', 0)} to ${units.full(80, 'mm', 0)} is accepted`;
  return newMm !== null && mm > newMm + 0.2
    ? `more than new (${units.full(newMm, 'mm', 1)}); another rotor?`
    : undefined;
}

/** The first station missing from a column of which some are there. */
function firstGap(column: string, values: readonly (number | null)[]): string | undefined {
  const gap = values.indexOf(null);
  return gap >= 0 && values.some((value) => value !== null) ? `${column}.${gap}` : undefined;
}

function whole(values: readonly (number | null)[]): values is number[] {
  return values.length > 0 && values.every((value) => value !== null);
}
