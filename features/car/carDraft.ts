import type { SheetNote } from '@/core/car/ownSheet';
import type { TorqueId } from '@/core/car/torques';

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
  | 'electricParkingBrake'
  | 'brakeByWire'
  | 'drive'
  | 'fluidClass'
  | 'fluidDryC'
  | 'fluidWetC'
  | 'fluidFilledOn'
  | 'bleedCeilingKPa'
  | 'makerOrder'
  | 'frontShare'
  | 'regenShare',
  string
> & {
  front: AxleDraft;
  rear: AxleDraft;
  torquesNm: Record<TorqueId, string>;
  ownSheet: Record<SheetNote, string>;
  /** Figures that are said to be measured, by `measuredKey`. */
  measured: Record<string, string>;
};
