import type { Run } from '@/core/planning/run/run';
import { cn } from '@/ui/cn';

/** The steps of a run on the steel rule: a mark a step, filled when it is done, the one in hand raised. */
export function RunRule({ run }: { run: Run }) {
  return (
    <div
      className="flex h-9 shrink-0 items-end gap-px border-t-2 border-ink bg-card px-4 desk:px-6"
      role="img"
      aria-label={`${run.done} of ${run.steps.length} steps done`}
    >
      {run.steps.map((step, index) => {
        const part = step.part !== run.steps[index - 1]?.part;
        return (
          <i
            key={step.id}
            className={cn(
              'min-w-0 flex-1 border-l',
              part ? 'border-ink' : 'border-rule',
              step === run.current ? 'h-8 bg-straw' : run.last.get(step.id)?.done ? 'h-4 bg-ink' : 'h-4',
            )}
          />
        );
      })}
    </div>
  );
}
