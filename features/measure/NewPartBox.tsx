'use client';

import { Tick } from '@/ui/Tick';
import { useUnits } from '../shell/useUnits';

type Props = {
  /** How much the part seems to have grown, mm; nothing is asked when it has not. */
  grown: number | undefined;
  part: 'pad' | 'rotor';
  fitted: boolean;
  onFitted: (fitted: boolean) => void;
};

/** Wear that grew back is asked about: only a new part does that. */
export function NewPartBox({ grown, part, fitted, onFitted }: Props) {
  const { full } = useUnits();
  if (grown === undefined) return null;
  return (
    <p role="alert" className="text-small font-semibold text-bronze">
      {full(grown, 'mm', part === 'pad' ? 1 : 2)} thicker than last time. A {part} does not grow back.{' '}
      <Tick checked={fitted} onChange={onFitted} className="inline-flex">
        {part === 'pad' ? 'New pads were fitted' : 'A new rotor was fitted'}
      </Tick>
    </p>
  );
}
