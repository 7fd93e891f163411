import { z } from 'zod';
import { day } from '../base/issues/moment';
import { whole, within, words } from '../base/issues/range';
import { CORNERS } from './corner';
import { figureSchema } from './figureSchema';
import { AXLE_FIGURES, CAR_FIGURES, type CarFigure, ofEach, STUD_RANGE } from './figures';
import { FLUID_CLASS_IDS } from './fluidClasses';
import { sheetNoteSchema, torqueSchema } from './noteSchema';
import { atPath } from './origins';
import { SHEET_NOTE_IDS } from './ownSheet';
import { TORQUE_IDS } from './torques';

/** What the pistons of one caliper, or a wheel cylinder, may be, mm. */
const PISTON = { low: 10.5, high: 99 };

const figure = (each: CarFigure) => figureSchema(each).nullable();

const axleSchema = z
  .strictObject({
    brake: z.enum(['disc', 'drum']),
    caliper: z.enum(['opposed', 'sliding']).nullable(),
    /** All pistons of one caliper (or wheel cylinder), mm. */
    pistonsMm: z.array(within(PISTON.low, PISTON.high, 'mm')).max(16, 'at most 16 entries'),
    bleeders: z.int().min(1, '1 or 2 is accepted').max(2, '1 or 2 is accepted'),
    rotor: z.enum(['one_piece', 'two_piece']).nullable(),
    studs: whole(...STUD_RANGE).nullable(),
    padCompound: z.enum(['street', 'fast_road', 'track']).nullable(),
    ...ofEach(AXLE_FIGURES, figure),
  })
  .refine((axle) => (axle.bedLowC === null) === (axle.bedHighC === null), {
    path: ['bedHighC'],
    message: 'a bedding window needs both ends',
  })
  .refine((axle) => axle.bedLowC === null || axle.bedHighC === null || axle.bedLowC < axle.bedHighC, {
    path: ['bedHighC'],
    message: 'above where it begins',
  })
  .refine(
    (axle) =>
      axle.rotorNewMm === null || axle.rotorMinimumMm === null || axle.rotorMinimumMm < axle.rotorNewMm,
    {
      path: ['rotorMinimumMm'],
      message: 'less than the new thickness',
    },
  )
  .refine(
    (axle) => axle.padNewMm === null || axle.padMinimumMm === null || axle.padMinimumMm < axle.padNewMm,
    {
      path: ['padMinimumMm'],
      message: 'less than the new thickness',
    },
  );

/** What a diagnosis and a bleed plan need to know of a car; null where nobody knows yet. */
export const carSpecSchema = z
  .strictObject({
    name: words(120).min(1, 'a name is needed, as the shop calls the car'),
    note: words(400),
    kind: z.enum(['light_track', 'saloon', 'hatch', 'heavy_coupe', 'other']),
    driveSide: z.enum(['left', 'right']).nullable(),
    assist: z.enum(['vacuum', 'hydraulic', 'none']).nullable(),
    abs: z.boolean().nullable(),
    stabilityControl: z.boolean().nullable(),
    parkingBrake: z.enum(['in_caliper', 'drum_in_hat', 'lever_only', 'none']).nullable(),
    /** Set by a motor: it can clamp at a door or a key. */
    electricParkingBrake: z.boolean().nullable().default(null),
    /** The pedal asks a unit for pressure: it can build it by itself. */
    brakeByWire: z.boolean().nullable().default(null),
    drive: z.enum(['combustion', 'hybrid', 'electric']).nullable().default(null),
    fluidClass: z.enum(FLUID_CLASS_IDS).nullable(),
    fluidFilledOn: day().nullable(),
    ...ofEach(CAR_FIGURES, figure),
    makerOrder: z
      .array(z.enum(CORNERS))
      .length(4, 'each of FL, FR, RL, RR once')
      .refine((order) => new Set(order).size === 4, 'each of FL, FR, RL, RR once')
      .nullable(),
    /** The maker's torques, N·m. */
    torquesNm: z.partialRecord(z.enum(TORQUE_IDS), torqueSchema),
    /** What it has of its own at the work. */
    ownSheet: z.partialRecord(z.enum(SHEET_NOTE_IDS), sheetNoteSchema).default({}),
    /** Where its figures come from, by path. */
    origins: z.record(z.string().max(60, 'at most 60 characters'), z.enum(['set', 'measured'])).default({}),
    front: axleSchema,
    rear: axleSchema,
  })
  .refine((car) => Object.keys(car.origins).every((path) => atPath(car, path) !== undefined), {
    path: ['origins'],
    message: 'figures of the car or an axle, as front.rotorNewMm',
  })
  .refine((car) => car.front.brake === 'disc', {
    path: ['front', 'brake'],
    message: 'disc: front drums are not covered',
  })
  .refine((car) => (car.fluidDryC === null) === (car.fluidWetC === null), {
    path: ['fluidWetC'],
    message: 'a data sheet pair needs both, dry and wet',
  })
  .refine((car) => car.fluidDryC === null || car.fluidWetC === null || car.fluidWetC < car.fluidDryC, {
    path: ['fluidWetC'],
    message: 'below the dry boiling point',
  });

export type CarSpec = z.infer<typeof carSpecSchema>;
export type AxleSpec = CarSpec['front'];
export type CarKind = CarSpec['kind'];
