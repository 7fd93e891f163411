'use client';

import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { CIRCUIT_KINDS } from '@/core/planning/knockback/setups';
import type { CarSetup } from '@/server/setups/queries';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import { KeptForms } from '../queue/KeptForms';
import { dropRow } from '../shell/dropped';
import { IfMay } from '../shell/IfMay';
import { later } from '../shell/later';
import { useMay } from '../shell/PersonContext';
import { useRefresh } from '../shell/useRefresh';
import { useUnits } from '../shell/useUnits';

const TrackSetupForm = later(() => import('./TrackSetupForm').then((module) => module.TrackSetupForm));

/** How the car goes to each track against knockback: springs by axle, a tap before the zone. */
export function SetupsPanel({ carId, setups }: { carId: string; setups: CarSetup[] }) {
  const refreshPage = useRefresh();
  const units = useUnits();
  const mayWork = useMay('work');
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const drop = ({ id, version, track }: CarSetup) =>
    dropRow({
      path: `/api/setups/${id}`,
      version,
      label: `Dropped: ${track}`,
      onChange: (wrong) => {
        setTrouble(wrong);
        refreshPage();
      },
    });
  const springs = (forceN: number | null) => (forceN === null ? 'none' : units.full(forceN, 'N', 0));
  return (
    <section aria-labelledby="setups">
      <h2
        id="setups"
        className="mt-6 flex items-end justify-between gap-2 border-b-2 border-ink pb-1 text-xl"
      >
        Knockback by track
        {mayWork && !open && (
          <Button look="quiet" onClick={() => setOpen(true)}>
            Note a track
          </Button>
        )}
      </h2>
      <Trouble>{trouble}</Trouble>
      {open && <TrackSetupForm carId={carId} onDone={() => setOpen(false)} />}
      <KeptForms under={`/api/cars/${carId}/setups`} />
      <ul>
        {setups.map((setup) => (
          <li key={setup.id} className="flex items-start justify-between gap-3 border-b border-rule py-2">
            <span>
              <b className="font-semibold">{setup.track}</b>{' '}
              <span className="text-soft">{inSentence(CIRCUIT_KINDS[setup.kind].label)}</span>
              <span className="block text-small">
                Springs front <b className="reading font-semibold">{springs(setup.frontN)}</b>, rear{' '}
                <b className="reading font-semibold">{springs(setup.rearN)}</b>
                {setup.tap ? ', a tap before the zone' : ''}
              </span>
              {setup.note !== '' && <span className="block text-small text-soft">{setup.note}</span>}
            </span>
            <IfMay right="work">
              <Button
                look="quiet"
                aria-label={`Drop the set-up for ${setup.track}`}
                onClick={() => void drop(setup)}
              >
                Drop
              </Button>
            </IfMay>
          </li>
        ))}
        {setups.length === 0 && <li className="py-2 text-soft">None noted.</li>}
      </ul>
    </section>
  );
}
