import { CORNERS } from '@/core/car/corner';
import { HOT_RANGE } from '@/core/readings/heat/ranges';
import { MEASURES } from '@/core/readings/measures';
import { between } from '../readFields';
import { definedOnly, type FigureForm, type LimitTold } from './figureForm';

const HOT = between(HOT_RANGE);

export const heat: FigureForm = {
  take: 'the temperatures',
  isTable: true,
  about: 'Straight in from the lap, faces by infrared in the same order each time; peaks by paint and strip.',
  fields: () =>
    CORNERS.flatMap((corner) => [
      {
        id: `${corner}.faceC`,
        label: `${corner} face`,
        base: '°C' as const,
        decimals: 0,
        ...HOT,
        quantity: 'temperature' as const,
        pose: { point: 'face' as const, corner },
      },
      {
        id: `${corner}.rotorPeakC`,
        label: `${corner} paint`,
        base: '°C' as const,
        decimals: 0,
        ...HOT,
      },
      {
        id: `${corner}.caliperPeakC`,
        label: `${corner} strip`,
        base: '°C' as const,
        decimals: 0,
        ...HOT,
      },
    ]),
  input: (values, { car, shop, fluidBoilingHereC }) => {
    const corners = Object.fromEntries(
      CORNERS.flatMap((corner) => {
        const read = definedOnly(
          Object.fromEntries(
            (['faceC', 'rotorPeakC', 'caliperPeakC'] as const).map((at) => [at, values[`${corner}.${at}`]]),
          ),
        );
        return Object.keys(read).length === 0 ? [] : [[corner, read]];
      }),
    );
    if (Object.keys(corners).length === 0) return undefined;
    return {
      corners,
      ...(fluidBoilingHereC === undefined ? {} : { fluidBoilingHereC }),
      ...MEASURES.heat.held!.own({ car, shop }),
    };
  },
  limits: ({ limit, fluidBoilingHereC }) => {
    const always: LimitTold[] = [
      ['One wheel hotter by', limit('wheelSpreadK'), 'K', 0],
      ['all hot from', limit('allHotC'), '°C', 0],
    ];
    return fluidBoilingHereC === undefined
      ? always
      : [...always, ['margin to the fluid', limit('trackMarginK'), 'K', 0]];
  },
  values: (input) =>
    definedOnly(
      Object.fromEntries(
        Object.entries(input.corners as Record<string, Record<string, number>>).flatMap(([corner, read]) =>
          Object.entries(read).map(([at, value]) => [`${corner}.${at}`, value]),
        ),
      ),
    ),
};
