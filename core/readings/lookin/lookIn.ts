import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Limit } from '../../car/limits/limit';
import { limitsSchema } from '../../car/limits/schema';
import { PAD_RANGES } from '../pads/ranges';
import { padStanding } from '../pads/standing';
import { ROTOR_RANGES } from '../rotor/ranges';
import { rotorStanding } from '../rotor/standing';
import { isToGoAfter, LOOK_IDS, LOOKS } from './looks';

const thickness = within(...PAD_RANGES.thicknessMm, 'mm').optional();
const looked = <const T extends readonly [string, ...string[]]>(states: T) => z.enum(states).optional();

export const lookInSchema = z
  .strictObject({
    /** The low end of each pad that can be seen, mm. */
    innerMm: thickness,
    outerMm: thickness,
    newMm: within(...PAD_RANGES.newMm, 'mm').optional(),
    minimumMm: within(...PAD_RANGES.minimumMm, 'mm').optional(),
    /** The rotor where a micrometer got at it, mm, and what it was new and may come to. */
    rotorMm: within(...ROTOR_RANGES.thicknessMm, 'mm').optional(),
    rotorNewMm: within(...ROTOR_RANGES.newMm, 'mm').optional(),
    rotorMinimumMm: within(...ROTOR_RANGES.thicknessMm, 'mm').optional(),
    limits: limitsSchema('trackPadMm').optional(),
    face: looked(LOOKS.face.states),
    hose: looked(LOOKS.hose.states),
    boots: looked(LOOKS.boots.states),
    studs: looked(LOOKS.studs.states),
    play: looked(LOOKS.play.states),
  })
  .refine(
    ({ newMm, minimumMm, rotorNewMm, rotorMinimumMm, limits, ...seen }) =>
      Object.values(seen).some((each) => each !== undefined),
    {
      path: ['innerMm'],
      message: 'at least one thing that was looked at',
    },
  )
  .refine((input) => !(input.newMm && input.minimumMm) || input.minimumMm < input.newMm, {
    path: ['minimumMm'],
    message: 'less than newMm',
  });

export type LookInInput = z.infer<typeof lookInSchema>;

/**
 * Twenty seconds at a corner whose wheel is off: the low end of the pads, the rotor's face, hose, boots, studs, play by hand.
 * Pads are held against their limits and the face is the face; what a hand feels or an eye suspects is no measurement and says
 * nothing of the car until it was gone after (`after`).
 * @returns the lowest pad, mm; what it implies; what is to be gone after
 */
export function lookIn(input: LookInInput) {
  const seen = [input.innerMm, input.outerMm].filter((mm) => mm !== undefined);
  const lowestMm = seen.length === 0 ? undefined : Math.min(...seen);
  const { newMm, minimumMm, rotorMm, rotorNewMm, rotorMinimumMm, limits } = input;
  const held = newMm === undefined || minimumMm === undefined ? undefined : { newMm, minimumMm };
  const trackPadMm = limits?.trackPadMm ?? LIMIT_SPECS.trackPadMm.usual;
  const pad =
    lowestMm === undefined || !held
      ? undefined
      : padStanding(lowestMm, { ...held, use: 'track', trackPadMm });
  return {
    ...(lowestMm === undefined ? {} : { lowestMm }),
    states: {
      ...(pad ? { pad_thickness: pad.state } : {}),
      ...(rotorMm === undefined || rotorMinimumMm === undefined
        ? {}
        : { rotor_thickness: rotorStanding(rotorMm, rotorMinimumMm, rotorNewMm) }),
      ...(input.face === undefined ? {} : { rotor_surface: input.face }),
      ...(input.studs === 'damaged' ? { wheel_nuts: 'stud_damaged' } : {}),
    },
    after: LOOK_IDS.filter((look) => isToGoAfter(look, input[look])),
    limits: [
      ...(pad
        ? [
            { name: 'minimumMm', value: held!.minimumMm, from: 'car' },
            {
              name: 'replaceMm',
              value: pad.replaceMm,
              from: limits?.trackPadMm === undefined ? 'practice' : 'shop',
            },
          ]
        : []),
      ...(rotorMinimumMm === undefined
        ? []
        : [{ name: 'rotorMinimumMm', value: rotorMinimumMm, from: 'car' }]),
    ] as Limit[],
    gaps:
      lowestMm !== undefined && !held
        ? [{ path: 'newMm', why: 'without new and minimum thickness the pad cannot be judged' }]
        : [],
  };
}
