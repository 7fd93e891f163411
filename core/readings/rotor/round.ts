import { z } from 'zod';
import { within } from '../../base/issues/range';
import { ROTOR_RANGES } from './ranges';

/** A dial at one station, mm. */
export const dialSchema = within(...ROTOR_RANGES.dialMm, 'mm');

const [fewest, most] = ROTOR_RANGES.stations;

/** A dial all round a face, station by station. */
export const roundSchema = z
  .array(dialSchema)
  .min(fewest, `at least ${fewest} stations`)
  .max(most, `at most ${most} stations`);
