import { defineReading, type TraceRule } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { readPads } from './pads';
import type { PadsInput } from './schema';
import { padTrace } from './standing';

const innerOuter = (rule: string): TraceRule => ({
  value: 'innerMinusOuterMm',
  unit: 'mm',
  decimals: 1,
  limits: ['innerOuterMm'],
  rule,
});

/** Which of a pad's figures its shape was told by. */
const SHAPES: Record<string, TraceRule> = {
  inner_thin: innerOuter('mean of the inner pad less mean of the outer'),
  outer_thin: innerOuter('mean of the inner pad less mean of the outer'),
  taper_along: {
    value: 'taperAlongMm',
    unit: 'mm',
    decimals: 1,
    limits: ['taperAlongMm'],
    rule: 'leading end less trailing end',
  },
  taper_radial: {
    value: 'taperRadialMm',
    unit: 'mm',
    decimals: 1,
    limits: ['taperRadialMm'],
    rule: 'outer edge less inner edge',
  },
  even: innerOuter('no difference over its own limit'),
};

export const pads = defineReading<PadsInput, ReturnType<typeof readPads>>({
  kind: 'pads',
  label: 'Pads',
  at: 'corner',
  brake: 'disc',
  covers: ['pad_thickness', 'pad_wear_shape', 'pad_wear_sides'],
  open: true,
  held: ofTheShop('trackPadMm', 'innerOuterMm', 'taperAlongMm', 'taperRadialMm', 'sidesMm'),
  traces: {
    pad_thickness: padTrace('lowest reading of both pads; at the minimum it is worn out'),
    pad_wear_sides: {
      value: 'leftMinusRightMm',
      unit: 'mm',
      decimals: 1,
      limits: ['sidesMm'],
      rule: 'mean of the left pads less mean of the right',
    },
    pad_wear_shape: (state) => SHAPES[state]!,
  },
  figures: (_, result) =>
    Object.values(result?.corners ?? {}).map(({ lowestMm }) => ({
      before: 'lowest',
      value: lowestMm,
      unit: 'mm',
      decimals: 1,
    })),
});
