import { BEARING_RANGES } from '@/core/readings/bearing/ranges';
import { MEASURES } from '@/core/readings/measures';
import { between } from '../readFields';
import { definedOnly, type FigureForm } from './figureForm';

export const bearing: FigureForm = {
  take: 'the play',
  about: 'Dial on the rim of the hub, square to it; grip the wheel or the disc at twelve and six and rock.',
  fields: ({ corner }) => [
    {
      id: 'play',
      label: 'Play',
      base: 'mm',
      decimals: 3,
      ...between(BEARING_RANGES.playMm),
      quantity: 'displacement',
      pose: { point: 'bearing', corner },
    },
  ],
  input: ({ play }, { axle, shop }) =>
    play === undefined
      ? undefined
      : {
          playMm: play,
          ...MEASURES.bearing.held!.own({ axle, shop }),
          ...(axle?.bearingSpanMm ? { spanMm: axle.bearingSpanMm } : {}),
          ...(axle?.rotorRadiusMm ? { rotorRadiusMm: axle.rotorRadiusMm } : {}),
        },
  limits: ({ axle, limit }) => [['At most', limit('playLimitMm', axle?.playLimitMm), 'mm', 3]],
  values: (input) => definedOnly({ play: input.playMm as number }),
};
