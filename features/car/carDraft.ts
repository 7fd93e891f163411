import type { SheetNote } from '@/core/car/ownSheet';
import type { AxleSpec, CarSpec } from '@/core/car/spec';
import type { TorqueId } from '@/core/car/torques';

/** The car form's values: what was typed, as typed. */
export type AxleDraft = Record<Exclude<keyof AxleSpec, 'pistonsMm'> | 'pistons', string>;
export type CarDraft = Record<
  Exclude<keyof CarSpec, 'front' | 'rear' | 'torquesNm' | 'ownSheet' | 'origins'>,
  string
> & {
  front: AxleDraft;
  rear: AxleDraft;
  torquesNm: Record<TorqueId, string>;
  ownSheet: Record<SheetNote, string>;
  /** Figures that are said to be measured, by `measuredKey`. */
  measured: Record<string, string>;
};

/** A car as the form was opened on it. */
export type CarOnFile = { id: string; version: number; spec: CarSpec };
