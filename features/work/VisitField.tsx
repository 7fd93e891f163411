import type { Joined } from '@/core/planning/visits';
import { Choice } from '@/ui/Choice';

type Props = { joins: Joined; apart: boolean; onApart: (apart: boolean) => void };

/** Whether a work is done in one visit with another, and what that saves. */
export function VisitField({ joins: { visit, runs, saves }, apart, onApart }: Props) {
  return (
    <div>
      <p className="narrow text-small font-semibold">
        Done{' '}
        <span className="font-normal text-soft">
          in one visit the car is apart{runs.some((run) => run.plan.bleed) ? ', bled' : ''} and proved once:{' '}
          {saves} steps fewer
        </span>
      </p>
      <Choice
        label="Done"
        value={apart ? 'apart' : 'with'}
        onChange={(next) => next !== '' && onApart(next === 'apart')}
        options={[
          { value: 'with', label: `In one visit with “${visit.title}”` },
          { value: 'apart', label: 'By itself' },
        ]}
      />
    </div>
  );
}
