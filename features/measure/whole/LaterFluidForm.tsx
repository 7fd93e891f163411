import { later } from '../../shell/later';
import { room } from '../room';

/** The form of the fluid's readings, for the pages that it comes after. */
export const LaterFluidForm = later(
  () => import('./FluidForm').then((module) => module.FluidForm),
  room('min-h-72 sm:min-h-61'),
);
