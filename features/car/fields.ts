import type { BaseUnit } from '@/core/base/units/display';
import { type BaseOf, listed, retypeAll } from '@/core/base/units/retype';
import { AXLE_FIGURES, CAR_FIGURES, type CarFigure, ofEach } from '@/core/car/figures';
import { atPath } from '@/core/car/origins';
import { SHEET_NOTE_IDS, type SheetNote } from '@/core/car/ownSheet';
import type { CarSpec } from '@/core/car/spec';
import { TORQUE_IDS, type TorqueId } from '@/core/car/torques';
import { rebased } from '../shell/rebase';
import type { Units } from '../shell/units';
import type { AxleDraft, CarDraft } from './carDraft';
import { type FigureSources, measuredKey, originsOf } from './figureSources';

/** The figures, asked for by any name. */
const CAR_TABLE: Readonly<Record<string, CarFigure | undefined>> = CAR_FIGURES;
const AXLE_TABLE: Readonly<Record<string, CarFigure | undefined>> = AXLE_FIGURES;

/** Which unit a figure of the form stands in, by its name. */
const carBase: BaseOf = (...path) => {
  if (path[0] === 'measured' || path[0] === 'ownSheet') return undefined;
  if (path[0] === 'torquesNm') return 'N·m';
  if (path.at(-1) === 'pistons') return ['mm'];
  return (CAR_TABLE[path[0]!] ?? AXLE_TABLE[path.at(-1)!])?.unit;
};

/** Fields that are one of a few, or a day; empty is not known. */
const CHOSEN = ['driveSide', 'assist', 'parkingBrake', 'drive', 'fluidClass', 'fluidFilledOn'] as const;
const CHOSEN_OF_AXLE = ['caliper', 'rotor', 'padCompound'] as const;
/** Fields that are so, or are not; empty is not known. */
const YES_NO = ['abs', 'stabilityControl', 'electricParkingBrake', 'brakeByWire'] as const;

function eachOf<F extends string, V>(fields: readonly F[], value: (field: F) => V): Record<F, V> {
  return Object.fromEntries(fields.map((field) => [field, value(field)])) as Record<F, V>;
}

/**
 * A draft as it would stand in other units.
 * @param sources cars whose figures may stand in it: those go over to the last digit
 */
export function inOtherUnits(draft: CarDraft, sources: readonly CarSpec[], from: Units, to: Units): CarDraft {
  const typed = retypeAll(draft, carBase, from.choice, to.choice);
  return sources.reduceRight<CarDraft>(
    (each, source) => rebased(draft, draftOf(source, from), draftOf(source, to), each),
    typed,
  );
}

/** Figures of what is converted: enough to read, since what nobody changes goes back as it was. */
const FIGURES = 5;

/** A car as the form shows it, its figures in the units shown. */
export function draftOf(spec: CarSpec, units: Units): CarDraft {
  const text = (value: number | string | null) => (value === null ? '' : String(value));
  const figures = <T extends Record<string, CarFigure>>(table: T, from: Record<keyof T, number | null>) =>
    ofEach(table, ({ unit }, name) => {
      const value = from[name];
      return value === null ? '' : units.about(value, unit, FIGURES);
    });
  const axle = (each: CarSpec['front']): AxleDraft => ({
    brake: each.brake,
    ...eachOf(CHOSEN_OF_AXLE, (field) => each[field] ?? ''),
    pistons: each.pistonsMm.map((piston) => units.about(piston, 'mm', FIGURES)).join(', '),
    bleeders: String(each.bleeders),
    studs: text(each.studs),
    ...figures(AXLE_FIGURES, each),
  });
  return {
    name: spec.name,
    note: spec.note,
    kind: spec.kind,
    ...eachOf(CHOSEN, (field) => spec[field] ?? ''),
    ...eachOf(YES_NO, (field) => yesNo(spec[field])),
    ...figures(CAR_FIGURES, spec),
    makerOrder: spec.makerOrder?.join(' ') ?? '',
    measured: Object.fromEntries(
      Object.entries(spec.origins).flatMap(([path, origin]) =>
        origin === 'measured' ? [[measuredKey(path), 'yes']] : [],
      ),
    ),
    ownSheet: Object.fromEntries(SHEET_NOTE_IDS.map((id) => [id, spec.ownSheet[id] ?? ''])) as Record<
      SheetNote,
      string
    >,
    torquesNm: Object.fromEntries(
      TORQUE_IDS.map((id) => {
        const torque = spec.torquesNm[id];
        return [id, torque === undefined ? '' : units.about(torque, 'N·m', FIGURES)];
      }),
    ) as Record<TorqueId, string>,
    front: axle(spec.front),
    rear: axle(spec.rear),
  };
}

/**
 * The form as the server takes it: empty is not known, typed units are converted.
 * @param sources cars whose figures may stand in the form as they are on file: those go back to the last digit
 * @param figures what its figures may still be, for where they come from
 */
export function specOf(
  draft: CarDraft,
  units: Units,
  sources: readonly CarSpec[] = [],
  figures: FigureSources = { chosen: null },
): Record<string, unknown> {
  const read = readerOf(units, sources);
  return {
    name: draft.name.trim(),
    note: draft.note.trim(),
    kind: draft.kind,
    ...eachOf(CHOSEN, (field) => orNull(draft[field])),
    ...eachOf(YES_NO, (field) => fromYesNo(draft[field])),
    makerOrder: draft.makerOrder.trim() === '' ? null : splitList(draft.makerOrder.toUpperCase()),
    ...read.figures(CAR_FIGURES, draft),
    torquesNm: Object.fromEntries(
      TORQUE_IDS.filter((id) => draft.torquesNm[id].trim() !== '').map((id) => [
        id,
        read.figure(draft.torquesNm[id], 'N·m', 'torquesNm', id),
      ]),
    ),
    ownSheet: Object.fromEntries(
      SHEET_NOTE_IDS.filter((id) => draft.ownSheet[id].trim() !== '').map((id) => [
        id,
        draft.ownSheet[id].trim(),
      ]),
    ),
    origins: originsOf(draft, figures),
    front: axleSpecOf(draft.front, 'front', read),
    rear: axleSpecOf(draft.rear, 'rear', read),
  };
}

function axleSpecOf(axle: AxleDraft, name: 'front' | 'rear', read: SpecReader): Record<string, unknown> {
  return {
    brake: axle.brake,
    ...eachOf(CHOSEN_OF_AXLE, (field) => orNull(axle[field])),
    pistonsMm: read.pistons(axle.pistons, name),
    bleeders: Number(axle.bleeders),
    studs: axle.studs === '' ? null : Number(axle.studs),
    ...read.figures(AXLE_FIGURES, axle, name),
  };
}

type SpecReader = ReturnType<typeof readerOf>;

/** Reads figures as they were typed; one that stands as a source has it is the source's, to the last digit. */
function readerOf(units: Units, sources: readonly CarSpec[]) {
  const shown = sources.map((spec) => ({ spec, draft: draftOf(spec, units) }));
  const figure = (value: string, unit: BaseUnit, ...path: string[]) => {
    const same = shown.find((source) => atPath(source.draft, path.join('.')) === value);
    if (same && value !== '') return atPath(same.spec, path.join('.'));
    return units.sent(value, unit);
  };
  return {
    figure,
    figures: <T extends Record<string, CarFigure>>(
      table: T,
      from: Record<keyof T, string>,
      ...path: string[]
    ) => ofEach(table, ({ unit }, name) => figure(from[name], unit, ...path, name)),
    /** What cannot be read goes as it is: the server names it. */
    pistons: (text: string, axle: 'front' | 'rear') =>
      shown.find((source) => source.draft[axle].pistons === text)?.spec[axle].pistonsMm ??
      listed(text).map((piston) => units.sent(piston, 'mm')),
  };
}

function orNull(value: string): string | null {
  return value === '' ? null : value;
}

function splitList(list: string): string[] {
  return list.split(/[\s,;]+/).filter((part) => part !== '');
}

/** What is so, is not, or nobody has said, as the select holds it. */
function yesNo(value: boolean | null): string {
  if (value === null) return '';
  return value ? 'yes' : 'no';
}

function fromYesNo(text: string): boolean | null {
  return text === '' ? null : text === 'yes';
}
