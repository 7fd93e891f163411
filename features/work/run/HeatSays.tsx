'use client';

import { cadenceOf } from '@/core/planning/bedin/cadence';
import { refitBedIn } from '@/core/planning/bedin/refit';
import { measuredHeat } from '@/core/planning/bedin/stageHeat';
import type { WorkPlan } from '@/core/planning/plan';
import type { Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { useUnits } from '../../shell/useUnits';

/** A rotor that gets so many times the model’s heat, or its part, is rather read wrong. */
const ODD = 2.5;

/** So many times the planned pause is another bed-in. */
const SLOW = 1.5;

type Props = {
  run: Run;
  step: Step;
  bedIn: NonNullable<WorkPlan['bedIn']>;
  /** Takes the last so many slowdowns up again. */
  onMore: (count: number) => void;
};

/** What the rotor just read makes of the plan: against the model, and what is left to do. */
export function HeatSays({ run, step, bedIn: { input, plan }, onMore }: Props) {
  const units = useUnits();
  const refit = refitBedIn(input, plan, measuredHeat(run));
  if (!refit || !measuredHeat(run).some(({ after }) => after === step.heat!.after)) return null;
  const { after, last } = step.heat!;
  const full = (c: number) => units.full(c, '°C', 0);
  const { reachesAt, passesAt, more } = refit;
  const pace = cadenceOf(run, plan.stops);
  const isOdd = refit.gain > ODD || refit.gain < 1 / ODD;
  return (
    <div className="my-3 border-l-[6px] border-straw pl-3 text-lg" role="status">
      <p>
        The model said {full(plan.predictedC[after - 1]!)}: the rotor got{' '}
        <b className="reading font-semibold">{(refit.gain * 100).toFixed(0)} %</b> of the heat that gives it.
        {isOdd && ' That is far off: read it again, and look at the car’s mass and rotor.'}
      </p>
      {pace && (
        <p>
          A slowdown every <b className="reading font-semibold">{pace.reallyS.toFixed(0)} s</b>; the plan
          counts {pace.plannedS.toFixed(0)} s
          {pace.reallyS > SLOW * pace.plannedS && ': slower than that it cools between'}.
        </p>
      )}
      {last ? (
        reachesAt !== null ? (
          <p className="font-semibold">
            {passesAt === null
              ? `In the window, ${units.show(plan.windowC.low, '°C', 0)} to ${full(plan.windowC.high)}.`
              : `Past the window from slowdown ${passesAt} on: a full cool-down, then look for blue.`}
          </p>
        ) : more === null ? (
          <p className="font-semibold">
            Not in the window, and more of the same will not get there: from a higher speed.
          </p>
        ) : (
          <Button className="mt-1 min-h-14 text-lg" onClick={() => onMore(more)}>
            {more === 1 ? 'One more' : `${more} more`} of the same: it is not in the window yet
          </Button>
        )
      ) : (
        <p className="font-semibold">
          {passesAt !== null
            ? `The rest by that: in the window at slowdown ${reachesAt}, past it at ${passesAt}. End before that one.`
            : reachesAt !== null
              ? `The rest by that: in the window at slowdown ${reachesAt} of ${plan.stops.length}.`
              : 'The rest by that: it ends under the window. More of them at the end.'}
        </p>
      )}
    </div>
  );
}
