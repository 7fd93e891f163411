import type { BleedPlan } from './plan';
import type { BleedInput, BleedMethod } from './schema';

/** One step of a job at the car. */
export type Step = {
  id: string;
  part: 'Before' | 'Pressure' | 'Corner' | 'Modulator' | 'Finish' | 'Proof';
  title: string;
  how: string;
  /** Said at the step where it matters. */
  caution?: string;
  /** For a bleeder: how much is to come out, and the running total, ml. */
  ml?: { here: number; total: number };
  /** Seconds to wait by the clock. */
  timerS?: number;
};

export type FlushPlan = {
  input: BleedInput;
  plan: BleedPlan;
  fluid: string;
  reservoir: 'draw_out' | 'push_through';
  steps: Step[];
};

const CORNER_WORDS = { FL: 'front left', FR: 'front right', RL: 'rear left', RR: 'rear right' } as const;

/**
 * A flush and bleed of this car, step by step in working order.
 * The order of work is common practice, no source; the maker's instructions for the car come first.
 */
export function flushPlan(
  input: BleedInput,
  plan: BleedPlan,
  fluid: string,
  reservoir: FlushPlan['reservoir'],
): FlushPlan {
  const steps = [
    ...beforeSteps(input, plan, fluid, reservoir),
    ...pressureSteps(plan),
    ...cornerSteps(input, plan),
    ...finishSteps(plan),
  ];
  return { input, plan, fluid, reservoir, steps };
}

function beforeSteps(
  input: BleedInput,
  plan: BleedPlan,
  fluid: string,
  reservoir: FlushPlan['reservoir'],
): Step[] {
  return [
    {
      id: 'lift',
      part: 'Before',
      title: 'Car up, wheels off',
      how: 'Lift on the rated points, stands under, wheels under the sill.',
      caution: 'Stands before hands. An air-suspended car has its own lifting mode.',
    },
    {
      id: 'kit',
      part: 'Before',
      title: `Lay out ${plan.bottles} × ${input.bottleMl} ml of ${fluid}, sealed`,
      how: 'Flare spanner of the bleeder’s size, clear hose, catch bottle to hang above the bleeder, water for spills.',
      caution: 'Glasses and gloves. Brake fluid strips paint and hurts eyes: water at once.',
    },
    {
      id: 'cap',
      part: 'Before',
      title: 'Clean round the cap, then open it',
      how: 'Dirt here goes into the master. Look at the seal while it is off.',
    },
    reservoir === 'draw_out'
      ? {
          id: 'draw',
          part: 'Before',
          title: 'Draw the old fluid out, refill with new',
          how: 'Leave the feed covered. Otherwise the old fluid is pushed through the whole car.',
        }
      : {
          id: 'draw',
          part: 'Before',
          title: 'Top up with new fluid',
          how: 'The old fluid goes out through the lines ahead of the new.',
        },
  ];
}

function pressureSteps(plan: BleedPlan): Step[] {
  if (plan.pressureKPa === null) return [];
  return [
    {
      id: 'pump-up',
      part: 'Pressure',
      title: `Pump up to ${Math.round(plan.pressureKPa)} kPa, everything closed`,
      how: `Never past ${Math.round(plan.ceilingKPa)} kPa for this reservoir.`,
      caution: 'Never undo the cap under pressure.',
    },
    {
      id: 'leak-hold',
      part: 'Pressure',
      title: 'Watch the gauge',
      how: 'If it falls, find the leak before going on: cap seal first.',
      timerS: plan.leakHoldS ?? undefined,
    },
  ];
}

const AT_BLEEDER: Record<BleedMethod, string> = {
  pressure: 'Hose on, bottle above the bleeder, open half a turn. Close snug: stop, then a little more.',
  two_person: 'Helper presses and holds, open, close, helper releases. Never release with it open.',
  vacuum: 'Draw steadily, bleeder half a turn open. Close before the pump comes off.',
  gravity: 'Open and let it run. Do not leave the reservoir alone.',
  reverse: 'Push new fluid in slowly from below. Draw the reservoir down as it rises.',
};

function cornerSteps(input: BleedInput, plan: BleedPlan): Step[] {
  let total = 0;
  return plan.order.flatMap((row, index): Step[] => {
    total += row.ml;
    const corner = CORNER_WORDS[row.corner];
    const which = row.bleeder === 'single' ? '' : `, ${row.bleeder} bleeder`;
    const next = plan.order[index + 1];
    const leaving = next === undefined || next.corner !== row.corner;
    return [
      {
        id: `bleed-${index + 1}`,
        part: 'Corner',
        title: `${row.corner}, ${corner}${which}`,
        how: `${AT_BLEEDER[input.method]} Stop on clean fluid without bubbles.`,
        ml: { here: row.ml, total },
        ...(index === 0
          ? {
              caution:
                'No flow from an open bleeder: release the pressure first, then take the screw out and clean its holes.',
            }
          : {}),
      },
      ...(leaving && next !== undefined
        ? [
            {
              id: `between-${index + 1}`,
              part: 'Corner' as const,
              title: `Before ${CORNER_WORDS[next.corner]}: level${plan.pressureKPa === null ? '' : ' and pressure'}`,
              how: 'Reservoir and bleeder bottle topped up, cap dry. Running it dry means starting again.',
            },
          ]
        : []),
    ];
  });
}

function finishSteps(plan: BleedPlan): Step[] {
  return [
    ...(plan.cycleModulator
      ? [
          {
            id: 'modulator',
            part: 'Modulator' as const,
            title: 'Cycle the modulator with a scan tool, then bleed all four again',
            how: 'Air behind closed valves only leaves when they open. Follow the maker’s routine.',
          },
        ]
      : []),
    ...(plan.pressureKPa === null
      ? []
      : [
          {
            id: 'release',
            part: 'Finish' as const,
            title: 'Release the pressure slowly',
            how: 'Then the cap.',
          },
        ]),
    {
      id: 'level',
      part: 'Finish',
      title: 'Level to the mark, not above',
      how: 'Draw off the excess: hot fluid needs room. Strainer and cap back.',
    },
    {
      id: 'closed',
      part: 'Finish',
      title: 'Every bleeder closed and capped, spills washed',
      how: 'Wheels on, torque to the maker’s figure.',
      caution: 'Old fluid by local rules. Never back into a fresh bottle; sweet and poisonous to animals.',
    },
    {
      id: 'pump',
      part: 'Proof',
      title: 'Pump the pedal until it is hard',
      how: 'Before the car moves at all.',
      caution: 'Never drive on a pedal that is not firm.',
    },
    {
      id: 'hold',
      part: 'Proof',
      title: 'Hold it firmly for 30 s, then look for wet spots',
      how: 'It must not sink. Then record it under Proof.',
      timerS: 30,
    },
  ];
}
