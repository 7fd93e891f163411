'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import { useJob } from '../../record/JobProvider';
import { dropRow } from '../../shell/dropped';
import { later } from '../../shell/later';
import { TrialLine } from './proofParts';

const TrialForm = later(() => import('./TrialForm').then((module) => module.TrialForm));

/** Changes tried on one day, laps before beside laps after: what the work is worth on the road. */
export function ChangeTrials() {
  const { sheet, closed, refresh } = useJob();
  const [trouble, setTrouble] = useState<string>();
  if (closed && sheet.trials.length === 0) return null;
  return (
    <section aria-label="Laps before and after" className="mt-6 border-t-2 border-ink pt-3">
      <h3 className="text-xl">Laps before and after</h3>
      {sheet.trials.map((trial) => (
        <div key={trial.id} className="flex items-start justify-between gap-3">
          <div className="min-w-0 flex-1">
            <TrialLine trial={trial} />
          </div>
          {!closed && (
            <Button
              look="quiet"
              aria-label={`Drop the trial: ${trial.change}`}
              onClick={() =>
                void dropRow({
                  path: `/api/trials/${trial.id}`,
                  version: trial.version,
                  label: `Trial dropped: ${trial.change}`,
                  onChange: (wrong) => {
                    setTrouble(wrong);
                    void refresh();
                  },
                })
              }
            >
              Drop
            </Button>
          )}
        </div>
      ))}
      <Trouble>{trouble}</Trouble>
      {!closed && (
        <Opens
          head={
            <span className="text-soft">
              One change, one day, the same figure over laps before and after it
            </span>
          }
        >
          <TrialForm />
        </Opens>
      )}
    </section>
  );
}
