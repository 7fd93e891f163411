'use client';

import type { RotorResult } from '@/core/rotor/rotor';
import { cn } from '@/ui/cn';
import { figure } from '@/ui/format';

/** What the trace says: value, limit, and the difference said. */
export function RotorFacts({ result }: { result: RotorResult }) {
  const limit = (name: string) => result.limits.find((each) => each.name === name)?.value;
  const [first] = result.orders;
  const against = (value: number, most: number) =>
    value > most ? `${figure(value - most, 3)} over ${figure(most, 3)}` : `inside ${figure(most, 3)}`;
  const items = [
    {
      label: 'Total runout',
      value: figure(result.tirMm, 3),
      say: against(result.tirMm, limit('runoutMm')!),
      bad: result.states.rotor_runout === 'high',
    },
    {
      label: 'Wobble',
      value: figure(result.wobbleMm, 3),
      say: first!.highAngleDeg === null ? 'no high side' : `high at ${figure(first!.highAngleDeg, 0)}°`,
      bad: false,
    },
    {
      label: 'Wave',
      value: figure(result.waveMm, 3),
      say: result.states.rotor_shape === 'wave' ? 'the disc itself' : 'disc itself is flat',
      bad: result.states.rotor_shape === 'wave',
    },
    ...(result.dtvMm === undefined
      ? []
      : [
          {
            label: 'Thickness variation',
            value: figure(result.dtvMm, 3),
            say: against(result.dtvMm, limit('dtvMm')!),
            bad: result.states.rotor_dtv === 'high',
          },
        ]),
    ...(result.leftMm === undefined
      ? []
      : [
          {
            label: 'Lowest',
            value: figure(result.lowestMm, 2),
            say:
              result.leftMm < 0
                ? `${figure(-result.leftMm, 2)} under discard ${figure(limit('minimumMm'), 2)}`
                : `${figure(result.leftMm, 2)} over discard ${figure(limit('minimumMm'), 2)}`,
            bad: result.leftMm < 0,
          },
        ]),
  ];
  return (
    <dl aria-live="polite" className="grid grid-cols-2 border-t-2 border-ink sm:grid-cols-3 xl:grid-cols-5">
      {items.map((item) => (
        <div key={item.label} className="py-1.5 pr-3">
          <dt className="text-[0.9375rem] text-soft">{item.label}</dt>
          <dd className="reading text-2xl font-semibold">{item.value}</dd>
          <dd className={cn('text-[0.9375rem] font-semibold', item.bad ? 'text-stop' : 'text-go')}>
            {item.say}
          </dd>
        </div>
      ))}
    </dl>
  );
}
