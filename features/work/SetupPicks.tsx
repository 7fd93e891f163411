'use client';

import { inSentence } from '@/core/base/sentence';
import type { Axle } from '@/core/car/corner';
import { CIRCUIT_KINDS, type TrackSetup } from '@/core/planning/knockback/setups';
import { Button } from '@/ui/Button';
import { useJob } from '../record/JobProvider';
import { useUnits } from '../shell/useUnits';

type Props = { axle: Axle; onTake: (forceN: number) => void };

/** How this car goes to each track so far; one press plans for its springs. */
export function SetupPicks({ axle, onTake }: Props) {
  const { sheet } = useJob();
  const units = useUnits();
  const forceOf = (setup: TrackSetup) => (axle === 'front' ? setup.frontN : setup.rearN);
  return (
    <ul className="text-small" aria-label="By track">
      {sheet.setups.map((setup) => {
        const forceN = forceOf(setup);
        return (
          <li key={setup.track} className="flex flex-wrap items-center gap-x-3">
            <span>
              <b className="font-semibold">{setup.track}</b>{' '}
              <span className="text-soft">{inSentence(CIRCUIT_KINDS[setup.kind].label)}</span>
            </span>
            {forceN === null ? (
              <span>no springs on this axle{setup.tap ? ', a tap before the zone' : ''}</span>
            ) : (
              <Button look="quiet" onClick={() => onTake(forceN)}>
                Plan for its {units.full(forceN, 'N', 0)}
              </Button>
            )}
          </li>
        );
      })}
      {sheet.setups.length === 0 &&
        Object.values(CIRCUIT_KINDS).map(({ label, advice }) => (
          <li key={label}>
            <b className="font-semibold">{label}:</b> {advice}
          </li>
        ))}
    </ul>
  );
}
