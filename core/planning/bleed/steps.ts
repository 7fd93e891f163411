import { carUp, propOut } from '../library/car';
import type { Step } from '../run/step';
import { cornerSteps } from './cornerSteps';
import { finishSteps, modulatorStep } from './finishSteps';
import type { BleedPlan } from './plan';
import { roundStep } from './roundStep';
import type { BleedInput } from './schema';
import { POT_DEAD_ML } from './usual';
import type { BleedWays } from './ways';

/**
 * A bleed of this car, step by step in working order.
 * The order of work is common practice, no source; the maker's instructions for the car come first.
 */
export function bleedSteps(input: BleedInput, plan: BleedPlan, ways: BleedWays): Step[] {
  const rows = [...plan.order, ...plan.secondPass];
  const first = plan.order.length;
  return [
    ...beforeSteps(input, plan, ways),
    ...pressureSteps(plan),
    ...cornerSteps(input, plan, rows, 0, first),
    ...(plan.cycleModulator ? [modulatorStep(plan)] : []),
    ...cornerSteps(input, plan, rows, first, rows.length),
    ...(input.method === 'two_person' ? [roundStep] : []),
    ...finishSteps(plan, ways),
  ];
}

function beforeSteps(input: BleedInput, plan: BleedPlan, ways: BleedWays): Step[] {
  return [
    ...(ways.carIsUp ? [] : [carUp()]),
    {
      id: 'kit',
      part: 'Before',
      title: `Lay out ${plan.bottles} × ${input.bottleMl} ml of ${ways.fluid}`,
      how: 'The class on the cap against the bottle’s: another one stays shut. Sealed, or opened no longer ago than the shop allows. Flare spanner of the bleeder’s size, clear hose, catch bottle, water for spills.',
      tool: 'Ring or crow-foot flare spanner: an open one rounds them',
      cautions: ['glasses', 'fluid'],
    },
    ...(ways.propped ? [propOut] : []),
    ...(input.corners && input.opened ? [RAN_LOW] : []),
    {
      id: 'cap',
      part: 'Before',
      title: 'Clean round the cap, then open it',
      how: `Engine and ignition off. Dirt here goes into the master. Look at the seal; ${
        ways.strainer === 'lift_out' ? 'lift the strainer out' : 'the strainer stays in as a last filter'
      }. A bellows under the cap comes out dry and is folded back at the end.`,
      why: 'A cracked or loose cap lets water in: it may be the whole story of a wet reading.',
    },
    drawStep(input, ways),
  ];
}

/** A corner alone is bled where one line was open, and the reservoir never so low that air got in above it. */
const RAN_LOW: Step = {
  id: 'ran-low',
  part: 'Before',
  title: 'Did the reservoir run low while it was open?',
  how: 'Below its lower mark air goes into the master, and from there into every line.',
  ask: [
    { value: 'never', label: 'Never below the mark' },
    { value: 'low', label: 'Low, or nobody looked', trouble: 'low' },
  ],
  troubles: [
    {
      id: 'low',
      label: 'It ran low',
      lines: [
        'These corners alone will not do: all four, and the modulator where there is one.',
        'Add “Bleed all corners” to this job; fill up now.',
      ],
    },
  ],
};

/** The reservoir made ready: new fluid above, or room for what is pushed up from below. */
function drawStep({ method }: BleedInput, ways: BleedWays): Step {
  const feeds =
    'Both outlets to the master stay covered; a hydraulic clutch feeds from the same pot, higher up, and is a line of its own.';
  if (method === 'reverse')
    return {
      id: 'draw',
      part: 'Before',
      title: 'Draw the reservoir down to its lower mark',
      how: `What is pushed in from below rises into it: full, it runs over the brim onto paint. ${feeds}`,
      cautions: ['fluid'],
    };
  return ways.reservoir === 'draw_out' && ways.purpose === 'flush'
    ? {
        id: 'draw',
        part: 'Before',
        title: 'Draw the old fluid out, refill with new',
        how: `${feeds} Otherwise the old fluid is pushed through the whole car.`,
      }
    : {
        id: 'draw',
        part: 'Before',
        title: 'Top up with new fluid',
        how: 'The old fluid goes out through the lines ahead of the new.',
      };
}

function pressureSteps(plan: BleedPlan): Step[] {
  if (plan.pressureKPa === null) return [];
  const pressureKPa = { working: plan.pressureKPa, ceiling: plan.ceilingKPa };
  return [leakHold(plan, pressureKPa), ...(plan.supply === 'pot' ? potSteps(pressureKPa) : [])];
}

const NECK =
  'The adapter that belongs to this neck, seated square, vents and other openings shut. It must stand still for the whole time.';

function leakHold({ supply, leakHoldS }: BleedPlan, pressureKPa: Step['pressureKPa']): Step {
  const dry =
    supply === 'pot'
      ? 'No fluid in the pot yet.'
      : 'The pot gives air only and stays dry; the reservoir is filled up on the way, where the steps say.';
  return {
    id: 'leak-hold',
    part: 'Pressure',
    title: 'Cap on, pot dry: pump up, everything closed, and watch the gauge',
    how: `${dry} ${NECK}`,
    why: 'A leak found now costs air; found later it costs fluid, paint and the whole bleed.',
    cautions: ['pressure'],
    timerS: leakHoldS ?? undefined,
    pressureKPa,
    ask: [
      { value: 'held', label: 'It held' },
      { value: 'fell', label: 'It fell', trouble: 'fell' },
    ],
    troubles: [
      {
        id: 'fell',
        label: 'The gauge fell',
        must: true,
        lines: [
          'Release it slowly.',
          'Cap seal first: wipe it, seat it square. Then the bleeder’s own hose and valve, then every joint with soap water.',
          'Pump up again and start the clock anew.',
        ],
      },
    ],
  };
}

/** The fluid comes into the pot only once it has held dry. */
function potSteps(pressureKPa: Step['pressureKPa']): Step[] {
  return [
    {
      id: 'pot-fill',
      part: 'Pressure',
      title: 'Release it slowly, then pour the new fluid into the pot',
      how: `Listen until it is quiet before anything is undone. About ${POT_DEAD_ML} ml stay under the outlet: they never reach the car.`,
      cautions: ['pressure', 'fluid'],
    },
    {
      id: 'pump-up',
      part: 'Pressure',
      title: 'Pump up again',
      how: 'To the working pressure. Only now is a bleeder opened.',
      pressureKPa,
      cautions: ['pressure'],
    },
  ];
}
