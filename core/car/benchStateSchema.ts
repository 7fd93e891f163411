import { z } from 'zod';
import { words } from '../base/issues/range';
import { UNIT_CHOICES } from '../base/units/display';
import { BENCH_IDS, type BenchState, MOST_TYPED } from './benchState';

/** A bench as it is kept with a car. */
export const benchStateSchema = z.strictObject({
  bench: z.enum(BENCH_IDS),
  name: words(80).min(1, 'a name, to find it again'),
  typed: z
    .record(z.string().max(40, 'at most 40 characters'), z.unknown())
    .refine((typed) => JSON.stringify(typed).length <= MOST_TYPED, `at most ${MOST_TYPED} characters in all`),
  units: z.strictObject({
    lengthUnit: z.enum(UNIT_CHOICES.lengthUnit),
    temperatureUnit: z.enum(UNIT_CHOICES.temperatureUnit),
    pressureUnit: z.enum(UNIT_CHOICES.pressureUnit),
  }),
}) satisfies z.ZodType<BenchState>;
