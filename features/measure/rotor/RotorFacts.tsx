'use client';

import { exceeds, type Limit } from '@/core/car/limits/limit';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { RotorResult } from '@/core/readings/rotor/rotor';
import { figure } from '@/ui/format';
import { useUnits } from '../../shell/useUnits';
import { type Fact, Facts } from '../Facts';

/** What the trace says: value, limit and where that came from, and the difference said. */
export function RotorFacts({ result }: { result: RotorResult }) {
  const { show, unit } = useUnits();
  const limit = (name: string) => result.limits.find((each) => each.name === name);
  const [first] = result.orders;
  const against = (value: number, most: Limit) =>
    exceeds(value, most.value)
      ? `${show(value - most.value, 'mm', 3)} over ${show(most.value, 'mm', 3)}`
      : `inside ${show(most.value, 'mm', 3)}`;
  const high = first!.highAngleDeg;
  const facts: Fact[] = [
    {
      label: 'Total runout',
      value: show(result.tirMm, 'mm', 3),
      say: against(result.tirMm, limit('runoutMm')!),
      from: SOURCE_WORDS[limit('runoutMm')!.from],
      bad: result.states.rotor_runout === 'high',
    },
    {
      label: 'Wobble',
      value: show(result.wobbleMm, 'mm', 3),
      say:
        high === null
          ? 'no high side'
          : `high at ${figure(high, 0)}°${result.highAtStud ? `, ${result.highAtStud}` : ''}`,
    },
    {
      label: 'Wave',
      value: show(result.waveMm, 'mm', 3),
      say: result.states.rotor_shape === 'wave' ? 'the disc itself' : 'disc itself is flat',
      bad: result.states.rotor_shape === 'wave',
    },
  ];
  if (result.dtvMm !== undefined)
    facts.push({
      label: 'Variation',
      value: show(result.dtvMm, 'mm', 3),
      say: against(result.dtvMm, limit('dtvMm')!),
      from: SOURCE_WORDS[limit('dtvMm')!.from],
      bad: result.states.rotor_dtv === 'high',
    });
  if (result.lowestMm !== undefined) {
    const discard = limit('minimumMm');
    facts.push({
      label: 'Lowest',
      value: show(result.lowestMm, 'mm', 2),
      say:
        result.leftMm === undefined || !discard
          ? `mean ${show(result.meanMm, 'mm', 2)}`
          : `${show(Math.abs(result.leftMm), 'mm', 2)} ${result.leftMm < 0 ? 'under' : 'over'} discard ${show(discard.value, 'mm', 2)}`,
      ...(discard ? { from: SOURCE_WORDS[discard.from] } : {}),
      bad: result.leftMm !== undefined && result.leftMm < 0,
    });
  }
  if (result.taperMm !== undefined)
    facts.push({
      label: 'Radial taper',
      value: show(result.taperMm, 'mm', 2),
      say: 'rim less hat: a cone was heated on one face',
    });
  return <Facts facts={facts} unit={unit('mm')} narrow />;
}
