'use client';

import { fitsIn } from '@/core/planning/wear/forecast';
import { rotorLife } from '@/core/planning/wear/rotorLife';
import { Button } from '@/ui/Button';
import { useUnits } from '../../shell/useUnits';
import { LifeWords } from '../LifeWords';
import { NewPartBox } from '../NewPartBox';
import type { RotorSheet } from './useRotorSheet';

/** What does not fit: drift, a station that stands apart, rounds that disagree, a part that grew; and how long it lasts. */
export function RotorRemarks({ rotor }: { rotor: RotorSheet }) {
  const { full, show, unit } = useUnits();
  const { result, typed, wear, corner, axle } = rotor;
  if (!result) return null;
  const { drift, repeat, outlier } = result;
  const series =
    result.lowestMm === undefined
      ? []
      : [
          ...(rotor.grown === undefined ? wear.before[corner].rotor : []),
          { sessions: wear.sessions, mm: result.lowestMm },
        ];
  const life = axle.rotorMinimumMm === null ? undefined : rotorLife(series, axle.rotorMinimumMm);
  return (
    <div className="grid gap-1 text-small">
      {drift && (
        <p role="status" className={drift.over && !drift.spread ? 'font-semibold text-bronze' : 'text-soft'}>
          {drift.over
            ? `Station 1 came back ${full(drift.mm, 'mm', 3)} away: the dial, the stand or the disc moved. `
            : `The round closes within ${full(Math.abs(drift.mm), 'mm', 3)}. `}
          {drift.spread && 'The drift is spread over the stations. '}
          {drift.over && !rotor.slot.closed && (
            <>
              <Button look="quiet" onClick={() => rotor.spreadDrift(!typed.spread)}>
                {typed.spread ? 'Leave it as read' : 'Spread it'}
              </Button>
              <Button look="quiet" onClick={rotor.takeRoundAgain}>
                Take the round again
              </Button>
            </>
          )}
        </p>
      )}
      {outlier && (
        <p className="font-semibold text-bronze">
          Station {outlier.station + 1} stands {full(outlier.offMm, 'mm', 3)} off what the others say: read it
          again, look for rust or a knock.
        </p>
      )}
      {repeat && (
        <p className="text-soft">
          {repeat.sets} rounds agree within {full(repeat.spreadMm, 'mm', 3)}, widest at station{' '}
          {repeat.station + 1}.
        </p>
      )}
      {result.wearMm !== undefined && (
        <p className="text-soft">
          Worn {show(result.wearMm, 'mm', 2)} {unit('mm')} since new, on the mean.
        </p>
      )}
      <NewPartBox grown={rotor.grown} part="rotor" fitted={rotor.newPart} onFitted={rotor.setNewPart} />
      {life && (
        <LifeWords
          life={life}
          wear={wear}
          fits={wear.next && fitsIn(life, wear.next.sessions)}
          part="rotor"
        />
      )}
      {!life && result.leftMm !== undefined && result.leftMm > 0 && series.length < 2 && (
        <p className="text-soft">
          How long the {full(result.leftMm, 'mm', 2)} lasts shows from the second reading on.
        </p>
      )}
    </div>
  );
}
