import { exceeds, type Limit } from '@/core/car/limits/limit';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { RotorResult } from '@/core/readings/rotor/rotor';
import { figure } from '@/ui/format';
import type { Units } from '../../shell/units';
import type { Fact } from '../Facts';

/** A rotor's figures, each beside what it is held against; what was not measured is left out. */
export function rotorFacts(result: RotorResult, units: Units): Fact[] {
  return [
    ...shapeFacts(result, units),
    ...(result.dtvMm === undefined ? [] : [variationFact(result, result.dtvMm, units)]),
    ...(result.lowestMm === undefined ? [] : [lowestFact(result, result.lowestMm, units)]),
    ...(result.taperMm === undefined
      ? []
      : [
          {
            label: 'Radial taper',
            value: units.show(result.taperMm, 'mm', 2),
            say: 'rim less hat: a cone was heated on one face',
          },
        ]),
  ];
}

/** The face from the dial: how far it runs out, and whether that is its seat or the disc itself. */
function shapeFacts(result: RotorResult, units: Units): Fact[] {
  const { show } = units;
  const { highAngleDeg } = result.orders[0]!;
  const isWave = result.states.rotor_shape === 'wave';
  return [
    {
      label: 'Total runout',
      value: show(result.tirMm, 'mm', 3),
      ...against(result.tirMm, limitOf(result, 'runoutMm')!, units),
      bad: result.states.rotor_runout === 'high',
    },
    {
      label: 'Wobble',
      value: show(result.wobbleMm, 'mm', 3),
      say:
        highAngleDeg === null
          ? 'no high side'
          : `high at ${figure(highAngleDeg, 0)}°${result.highAtStud ? `, ${result.highAtStud}` : ''}`,
    },
    {
      label: 'Wave',
      value: show(result.waveMm, 'mm', 3),
      say: isWave ? 'the disc itself' : 'disc itself is flat',
      bad: isWave,
    },
  ];
}

function variationFact(result: RotorResult, dtvMm: number, units: Units): Fact {
  return {
    label: 'Variation',
    value: units.show(dtvMm, 'mm', 3),
    ...against(dtvMm, limitOf(result, 'dtvMm')!, units),
    bad: result.states.rotor_dtv === 'high',
  };
}

/** Where it is thinnest, against the thickness at which it is thrown away. */
function lowestFact(result: RotorResult, lowestMm: number, { show }: Units): Fact {
  const discard = limitOf(result, 'minimumMm');
  const { leftMm } = result;
  return {
    label: 'Lowest',
    value: show(lowestMm, 'mm', 2),
    say:
      leftMm === undefined || !discard
        ? `mean ${show(result.meanMm, 'mm', 2)}`
        : `${show(Math.abs(leftMm), 'mm', 2)} ${leftMm < 0 ? 'under' : 'over'} discard ${show(discard.value, 'mm', 2)}`,
    ...(discard ? { from: SOURCE_WORDS[discard.from] } : {}),
    bad: leftMm !== undefined && leftMm < 0,
  };
}

function limitOf({ limits }: RotorResult, name: string): Limit | undefined {
  return limits.find((each) => each.name === name);
}

/** A figure beside the most it may be, and whose limit that is. */
function against(value: number, most: Limit, { show }: Units): Pick<Fact, 'say' | 'from'> {
  return {
    say: exceeds(value, most.value)
      ? `${show(value - most.value, 'mm', 3)} over ${show(most.value, 'mm', 3)}`
      : `inside ${show(most.value, 'mm', 3)}`,
    from: SOURCE_WORDS[most.from],
  };
}
