import { describe, expect, it } from 'vitest';
import { findCars } from './findCars';

const cars = [
  { name: 'Number 7', note: 'light track car, Ondřej' },
  { name: 'Shop hatch, grey', note: '' },
  { name: 'Grey coupe', note: 'number 12' },
];
const names = (typed: string) => findCars(cars, typed).map((car) => car.name);

describe('finding a car by typing', () => {
  it('takes the beginnings of words in any order, whatever their case and accents', () => {
    expect(names('gr')).toEqual(['Shop hatch, grey', 'Grey coupe']);
    expect(names('GREY sh')).toEqual(['Shop hatch, grey']);
    expect(names('ondrej')).toEqual(['Number 7']);
    expect(names('rey')).toEqual([]);
  });

  it('puts a name before a note, and everything when nothing is typed', () => {
    expect(names('number')).toEqual(['Number 7', 'Grey coupe']);
    expect(names('  ')).toEqual(cars.map((car) => car.name));
    expect(names('-7-')).toEqual(['Number 7']);
  });
});
