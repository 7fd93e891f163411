import { DRUM_RANGES } from '@/core/readings/drum/ranges';
import { MEASURES } from '@/core/readings/measures';
import { between } from '../readFields';
import { definedOnly, type FigureForm } from './figureForm';

const ACROSS = between(DRUM_RANGES.diameterMm);

export const drum: FigureForm = {
  take: 'the drum',
  about: 'Bore across both ways, then over the shoes as they are set.',
  fields: () => [
    { id: 'first', label: 'Bore', base: 'mm', decimals: 2, ...ACROSS },
    { id: 'second', label: 'Bore, a quarter on', base: 'mm', decimals: 2, ...ACROSS },
    { id: 'shoes', label: 'Over the shoes', base: 'mm', decimals: 2, ...ACROSS },
  ],
  input: ({ first, second, shoes }, { shop }) =>
    first === undefined || second === undefined
      ? undefined
      : {
          boreMm: [first, second],
          ...(shoes === undefined ? {} : { shoesMm: shoes }),
          ...MEASURES.drum.held!.own({ shop }),
        },
  limits: ({ limit }) => [
    ['Out of round', limit('drumOvalMm'), 'mm', 2],
    ['Clearance', limit('shoeGapMm'), 'mm', 2],
  ],
  values: (input) => {
    const [first, second] = input.boreMm as number[];
    return definedOnly({ first, second, shoes: input.shoesMm as number });
  },
};
