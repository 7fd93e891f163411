import { MEASURES } from '@/core/readings/measures';
import { PEDAL_RANGES } from '@/core/readings/pedal/ranges';
import { between } from '../readFields';
import { definedOnly, type FigureForm } from './figureForm';

/** How long a pedal is held, where nobody says, s. */
const HELD_S = 30;

export const pedal: FigureForm = {
  take: 'the pedal',
  timerS: HELD_S,
  about: 'Whatever was measured; the rest stays empty. A rule beside the pedal, a gauge under the foot.',
  fields: ({ car }) => [
    {
      id: 'freePlay',
      label: 'Free play, at the pad',
      base: 'mm',
      decimals: 1,
      ...between(PEDAL_RANGES.freePlayMm),
    },
    { id: 'sank', label: 'Sank in the hold', base: 'mm', decimals: 0, ...between(PEDAL_RANGES.sankMm) },
    {
      id: 'seconds',
      label: 'Held for',
      base: 's',
      decimals: 0,
      ...between(PEDAL_RANGES.heldS),
      usual: HELD_S,
    },
    {
      id: 'force',
      label: 'Held with',
      base: 'N',
      decimals: 0,
      ...between(PEDAL_RANGES.heldForceN),
      quantity: 'force',
      pose: { point: 'pedal' },
    },
    {
      id: 'master',
      label: 'Master moves',
      base: 'mm',
      decimals: 1,
      ...between(PEDAL_RANGES.masterMovementMm),
    },
    ...(car.assist === 'none' || car.assist === 'hydraulic'
      ? []
      : [
          {
            id: 'vacuum',
            label: 'Vacuum at the booster',
            base: 'kPa' as const,
            decimals: 0,
            ...between(PEDAL_RANGES.vacuumKPa),
          },
        ]),
  ],
  input: ({ freePlay, sank, seconds, force, master, vacuum }, { car, shop }) => {
    if ([freePlay, sank, master, vacuum].every((each) => each === undefined)) return undefined;
    return {
      ...definedOnly({ freePlayMm: freePlay, masterMovementMm: master, vacuumKPa: vacuum }),
      ...(sank === undefined
        ? {}
        : { held: { sankMm: sank, seconds: seconds ?? HELD_S, ...definedOnly({ forceN: force }) } }),
      ...(car.pedalRatio === null ? {} : { pedalRatio: car.pedalRatio }),
      ...MEASURES.pedal.held!.own({ shop }),
    };
  },
  limits: ({ limit }) => [
    ['Free play from', limit('freePlayLeastMm'), 'mm', 1],
    ['to', limit('freePlayMostMm'), 'mm', 1],
    ['sinks over', limit('sinkMm'), 'mm', 0],
    ['master over', limit('masterMoveMm'), 'mm', 1],
    ['vacuum from', limit('vacuumKPa'), 'kPa', 0],
  ],
  values: (input) => {
    const held = input.held as { sankMm: number; seconds: number; forceN?: number } | undefined;
    return definedOnly({
      freePlay: input.freePlayMm as number,
      sank: held?.sankMm,
      seconds: held?.seconds,
      force: held?.forceN,
      master: input.masterMovementMm as number,
      vacuum: input.vacuumKPa as number,
    });
  },
};
