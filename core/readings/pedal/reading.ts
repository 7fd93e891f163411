import { defineReading } from '../definition';
import { ofTheShop } from '../heldAgainst';
import type { PedalInput } from './checks';

export const pedal = defineReading<PedalInput, unknown>({
  kind: 'pedal',
  label: 'Pedal',
  at: 'car',
  covers: ['pedal_free_play', 'pedal_hold', 'master_movement', 'assist_vacuum'],
  held: ofTheShop('freePlayLeastMm', 'freePlayMostMm', 'masterMoveMm', 'sinkMm', 'vacuumKPa'),
  traces: {
    pedal_free_play: {
      value: 'freePlayMm',
      unit: 'mm',
      decimals: 1,
      limits: ['freePlayLeastMm', 'freePlayMostMm'],
      rule: 'by hand to the first resistance, at the pad',
    },
    pedal_hold: {
      value: 'sankMm',
      unit: 'mm',
      decimals: 0,
      limits: ['sinkMm'],
      rule: 'how far it went down under a steady foot',
    },
    master_movement: {
      value: 'masterMovementMm',
      unit: 'mm',
      decimals: 1,
      limits: ['masterMoveMm'],
      rule: 'the master against something fixed, hard press',
    },
    assist_vacuum: {
      value: 'vacuumKPa',
      unit: 'kPa',
      decimals: 0,
      limits: ['vacuumKPa'],
      rule: 'gauge at the booster, idling',
    },
  },
  figures: ({ freePlayMm, held, masterMovementMm, vacuumKPa }) => [
    { before: 'free play', value: freePlayMm, unit: 'mm', decimals: 1 },
    { before: 'sank', value: held?.sankMm, unit: 'mm', decimals: 0, after: `in ${held?.seconds} s` },
    { before: 'master moves', value: masterMovementMm, unit: 'mm', decimals: 1 },
    { before: 'vacuum', value: vacuumKPa, unit: 'kPa', decimals: 0 },
  ],
});
