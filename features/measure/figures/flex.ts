import { HUB_RANGES } from '@/core/readings/hub/ranges';
import { MEASURES } from '@/core/readings/measures';
import { between } from '../readFields';
import { definedOnly, type FigureForm } from './figureForm';

export const flex: FigureForm = {
  take: 'the flex',
  about: 'Dial from the caliper to the rotor, bar across the wheel, lean on it as a corner would.',
  fields: ({ corner }) => [
    {
      id: 'deflection',
      label: 'Rotor moves',
      base: 'mm',
      decimals: 2,
      ...between(HUB_RANGES.deflectionMm),
      quantity: 'displacement',
      pose: { point: 'flex', corner },
    },
  ],
  input: ({ deflection }, { shop }) =>
    deflection === undefined
      ? undefined
      : {
          deflectionMm: deflection,
          ...MEASURES.flex.held!.own({ shop }),
        },
  limits: ({ limit }) => [['At most', limit('hubFlexMm'), 'mm', 2]],
  values: (input) => definedOnly({ deflection: input.deflectionMm as number }),
};
