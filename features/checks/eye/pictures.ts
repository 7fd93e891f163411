import type { ReactNode } from 'react';
import type { FindingId } from '@/core/readings/vocabulary/findings';
import { COOLING_PATH, DRUM_SURFACE, ROTOR_COLOUR, ROTOR_FLOAT, ROTOR_SURFACE } from './discPictures';
import {
  BLEEDER_POSITION,
  FLUID_LOOK,
  HOSE_SWELL,
  PAD_SURFACE,
  PISTON_RETURN,
  RESERVOIR_LEVEL,
  SLIDE_PINS,
  WHEEL_CYLINDER,
} from './partPictures';

/** The drawings of each check that is told by eye, by state. */
export const PICTURES: Partial<Record<FindingId, Record<string, ReactNode>>> = {
  rotor_surface: ROTOR_SURFACE,
  rotor_colour: ROTOR_COLOUR,
  rotor_float: ROTOR_FLOAT,
  cooling_path: COOLING_PATH,
  drum_surface: DRUM_SURFACE,
  pad_surface: PAD_SURFACE,
  piston_return: PISTON_RETURN,
  slide_pins: SLIDE_PINS,
  hose_swell: HOSE_SWELL,
  bleeder_position: BLEEDER_POSITION,
  wheel_cylinder: WHEEL_CYLINDER,
  fluid_look: FLUID_LOOK,
  reservoir_level: RESERVOIR_LEVEL,
};
