import type { Unit } from '@/core/base/units/convert';
import { parseMeasure } from '@/core/base/units/parse';
import { LIMITS } from '@/core/car/limits/carLimits';
import type { CarSpec } from '@/core/car/spec';
import { TORQUE_IDS, TORQUE_RANGE, TORQUES, type TorqueId } from '@/core/car/torques';

/** The car form's values: what was typed, as typed. */
export type AxleDraft = Record<
  | 'brake'
  | 'caliper'
  | 'pistons'
  | 'bleeders'
  | 'rotor'
  | 'rotorNewMm'
  | 'rotorMinimumMm'
  | 'padNewMm'
  | 'padMinimumMm'
  | 'lineLeftM'
  | 'lineRightM'
  | 'studs'
  | 'rotorRadiusMm'
  | 'hubRadiusMm'
  | 'bearingSpanMm'
  | 'runoutLimitMm'
  | 'dtvLimitMm'
  | 'hubLimitMm'
  | 'playLimitMm'
  | 'padLimitC'
  | 'padCompound'
  | 'bedLowC'
  | 'bedHighC'
  | 'rotorMassKg',
  string
>;
export type CarDraft = Record<
  | 'name'
  | 'note'
  | 'kind'
  | 'driveSide'
  | 'massKg'
  | 'tyreRadiusM'
  | 'masterBoreMm'
  | 'pedalRatio'
  | 'assist'
  | 'abs'
  | 'stabilityControl'
  | 'parkingBrake'
  | 'fluidClass'
  | 'fluidDryC'
  | 'fluidWetC'
  | 'fluidFilledOn'
  | 'bleedCeilingKPa'
  | 'makerOrder'
  | 'frontShare',
  string
> & { front: AxleDraft; rear: AxleDraft; torques: Record<TorqueId, string> };

export type NumberSpec = {
  unit: Unit | '';
  label: string;
  limits: { low: number; high: number; unit: string };
};

/** Every figure of the form: its unit, its name, its range. */
export const CAR_NUMBERS: Record<string, NumberSpec> = {
  massKg: { unit: 'kg', label: 'Mass', limits: LIMITS.massKg },
  tyreRadiusM: { unit: 'm', label: 'Tyre rolling radius', limits: LIMITS.tyreRadiusM },
  masterBoreMm: { unit: 'mm', label: 'Master bore', limits: LIMITS.masterBoreMm },
  pedalRatio: { unit: '', label: 'Pedal ratio', limits: LIMITS.pedalRatio },
  fluidDryC: { unit: '°C', label: 'Boils dry', limits: LIMITS.fluidC },
  fluidWetC: { unit: '°C', label: 'Boils wet', limits: LIMITS.fluidC },
  bleedCeilingKPa: { unit: 'kPa', label: 'Reservoir ceiling', limits: LIMITS.ceilingKPa },
  frontShare: { unit: '', label: 'Front share of the braking', limits: LIMITS.frontShare },
};

export const AXLE_NUMBERS: Record<string, NumberSpec> = {
  rotorNewMm: { unit: 'mm', label: 'Rotor new', limits: LIMITS.rotorMm },
  rotorMinimumMm: { unit: 'mm', label: 'Rotor minimum', limits: LIMITS.rotorMm },
  padNewMm: { unit: 'mm', label: 'Pad new', limits: LIMITS.padMm },
  padMinimumMm: { unit: 'mm', label: 'Pad minimum', limits: LIMITS.padMinimumMm },
  lineLeftM: { unit: 'm', label: 'Line to left', limits: LIMITS.lineM },
  lineRightM: { unit: 'm', label: 'Line to right', limits: LIMITS.lineM },
  rotorRadiusMm: { unit: 'mm', label: 'Dial on the rotor at', limits: LIMITS.radiusMm },
  hubRadiusMm: { unit: 'mm', label: 'Dial on the hub at', limits: LIMITS.hubRadiusMm },
  bearingSpanMm: { unit: 'mm', label: 'Bearing span', limits: LIMITS.spanMm },
  runoutLimitMm: { unit: 'mm', label: 'Runout at most', limits: LIMITS.fineLimitMm },
  dtvLimitMm: { unit: 'mm', label: 'Variation at most', limits: LIMITS.fineLimitMm },
  hubLimitMm: { unit: 'mm', label: 'Hub face at most', limits: LIMITS.fineLimitMm },
  playLimitMm: { unit: 'mm', label: 'Bearing play at most', limits: LIMITS.fineLimitMm },
  padLimitC: { unit: '°C', label: 'Pad good to', limits: LIMITS.padLimitC },
  bedLowC: { unit: '°C', label: 'Beds in from', limits: LIMITS.bedC },
  bedHighC: { unit: '°C', label: 'Beds in to', limits: LIMITS.bedC },
  rotorMassKg: { unit: 'kg', label: 'Rotor weighs', limits: LIMITS.rotorMassKg },
};

/** A torque as the form takes it. */
export function torqueSpec(id: TorqueId): NumberSpec {
  return { unit: 'N·m', label: TORQUES[id], limits: TORQUE_RANGE };
}

/** What is wrong with a typed figure, in the words of form and server alike; undefined when nothing is. */
export function numberError(text: string, { unit, label, limits }: NumberSpec): string | undefined {
  if (text.trim() === '') return undefined;
  const value = readNumber(text, unit);
  if (value !== undefined && value >= limits.low && value <= limits.high) return undefined;
  return `${label} is ${text}: ${limits.low} to ${limits.high}${limits.unit === '' ? '' : ` ${limits.unit}`} is accepted`;
}

function readNumber(text: string, unit: Unit | ''): number | undefined {
  if (unit !== '') return parseMeasure(text, unit);
  const value = Number(text.trim().replace(',', '.'));
  return Number.isFinite(value) ? value : undefined;
}

const text = (value: number | string | null) => (value === null ? '' : String(value));

type Draft = { [field: string]: string | Draft };

/**
 * A draft with a starting set put in: whatever somebody typed stays, be it over an earlier set.
 * @param last the set that was put in before; a value that is no longer its own was typed
 */
export function withStartingSet(draft: CarDraft, last: CarDraft, set: CarDraft): CarDraft {
  const merge = (now: Draft, before: Draft, next: Draft): Draft =>
    Object.fromEntries(
      Object.entries(now).map(([field, value]) => {
        const was = before[field]!;
        const will = next[field]!;
        if (typeof value === 'object') return [field, merge(value, was as Draft, will as Draft)];
        return [field, value === was ? will : value];
      }),
    );
  return merge(draft, last, set) as CarDraft;
}

/** A car as the form shows it. */
export function draftOf(spec: CarSpec): CarDraft {
  const axle = (each: CarSpec['front']): AxleDraft => ({
    brake: each.brake,
    caliper: each.caliper ?? '',
    pistons: each.pistonsMm.join(', '),
    bleeders: String(each.bleeders),
    rotor: each.rotor ?? '',
    rotorNewMm: text(each.rotorNewMm),
    rotorMinimumMm: text(each.rotorMinimumMm),
    padNewMm: text(each.padNewMm),
    padMinimumMm: text(each.padMinimumMm),
    lineLeftM: text(each.lineLeftM),
    lineRightM: text(each.lineRightM),
    studs: text(each.studs),
    rotorRadiusMm: text(each.rotorRadiusMm),
    hubRadiusMm: text(each.hubRadiusMm),
    bearingSpanMm: text(each.bearingSpanMm),
    runoutLimitMm: text(each.runoutLimitMm),
    dtvLimitMm: text(each.dtvLimitMm),
    hubLimitMm: text(each.hubLimitMm),
    playLimitMm: text(each.playLimitMm),
    padLimitC: text(each.padLimitC),
    padCompound: each.padCompound ?? '',
    bedLowC: text(each.bedLowC),
    bedHighC: text(each.bedHighC),
    rotorMassKg: text(each.rotorMassKg),
  });
  return {
    name: spec.name,
    note: spec.note,
    kind: spec.kind,
    driveSide: spec.driveSide ?? '',
    massKg: text(spec.massKg),
    tyreRadiusM: text(spec.tyreRadiusM),
    masterBoreMm: text(spec.masterBoreMm),
    pedalRatio: text(spec.pedalRatio),
    assist: spec.assist ?? '',
    abs: yesNo(spec.abs),
    stabilityControl: yesNo(spec.stabilityControl),
    parkingBrake: spec.parkingBrake ?? '',
    fluidClass: spec.fluidClass ?? '',
    fluidDryC: text(spec.fluidDryC),
    fluidWetC: text(spec.fluidWetC),
    fluidFilledOn: spec.fluidFilledOn ?? '',
    bleedCeilingKPa: text(spec.bleedCeilingKPa),
    makerOrder: spec.makerOrder?.join(' ') ?? '',
    frontShare: text(spec.frontShare),
    torques: Object.fromEntries(TORQUE_IDS.map((id) => [id, text(spec.torquesNm[id] ?? null)])) as Record<
      TorqueId,
      string
    >,
    front: axle(spec.front),
    rear: axle(spec.rear),
  };
}

/** The form as the server takes it: empty is not known, typed units are converted. */
export function specOf(draft: CarDraft): Record<string, unknown> {
  const number = (value: string, unit: Unit | '') =>
    value.trim() === '' ? null : (readNumber(value, unit) ?? null);
  const orNull = (value: string) => (value === '' ? null : value);
  const axle = (each: AxleDraft) => ({
    brake: each.brake,
    caliper: orNull(each.caliper),
    pistonsMm: splitList(each.pistons).map((piston) => readNumber(piston, 'mm') ?? piston),
    bleeders: Number(each.bleeders),
    rotor: orNull(each.rotor),
    padCompound: orNull(each.padCompound),
    studs: each.studs === '' ? null : Number(each.studs),
    ...Object.fromEntries(
      Object.entries(AXLE_NUMBERS).map(([field, { unit }]) => [
        field,
        number(each[field as keyof AxleDraft], unit),
      ]),
    ),
  });
  return {
    name: draft.name.trim(),
    note: draft.note.trim(),
    kind: draft.kind,
    driveSide: orNull(draft.driveSide),
    assist: orNull(draft.assist),
    abs: fromYesNo(draft.abs),
    stabilityControl: fromYesNo(draft.stabilityControl),
    parkingBrake: orNull(draft.parkingBrake),
    fluidClass: orNull(draft.fluidClass),
    fluidFilledOn: orNull(draft.fluidFilledOn),
    makerOrder: draft.makerOrder.trim() === '' ? null : splitList(draft.makerOrder.toUpperCase()),
    ...Object.fromEntries(
      Object.entries(CAR_NUMBERS).map(([field, { unit }]) => [field, number(draft[field as 'massKg'], unit)]),
    ),
    torquesNm: Object.fromEntries(
      TORQUE_IDS.filter((id) => draft.torques[id].trim() !== '').map((id) => [
        id,
        readNumber(draft.torques[id], 'N·m') ?? draft.torques[id],
      ]),
    ),
    front: axle(draft.front),
    rear: axle(draft.rear),
  };
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
