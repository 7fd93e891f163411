import { describe, expect, it } from 'vitest';
import type { UnitChoice } from './display';
import { inUnits } from './prose';

const METRIC: UnitChoice = { lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' };
const INCH: UnitChoice = { lengthUnit: 'in', temperatureUnit: '°F', pressureUnit: 'psi' };

describe('figures in words', () => {
  it.each([
    ['0.02 mm under a hub edge', '0.001 in under a hub edge'],
    ['Dial 10 to 15 mm in from the edge.', 'Dial 0.4 to 0.6 in in from the edge.'],
    ['ends at 412 °C and the window begins at 200 °C.', 'ends at 774 °F and the window begins at 392 °F.'],
    ['good for 100 K more', 'good for 180 °F more'],
    ['to 110 N·m', 'to 81 lbf·ft'],
    ['never over 200 kPa', 'never over 29.0 psi'],
    // Nothing of the kind: a rate, a speed that stands in both units, a count, a word.
    ['3 mm/s, 100 km/h (62 mph), 4 studs, 12 months', '3 mm/s, 100 km/h (62 mph), 4 studs, 12 months'],
  ])('%s', (text, shown) => {
    expect(inUnits(text, METRIC)).toBe(text);
    expect(inUnits(text, INCH)).toBe(shown);
  });
});
