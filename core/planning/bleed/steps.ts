import { CORNER_WORDS } from '../../car/corner';
import { carUp, levelRight, propOut, wheelsOn } from '../library/car';
import type { RecordField, Step, Trouble } from '../run/step';
import type { Strokes } from './cadence';
import type { BleedPlan, BleedRow } from './plan';
import { BUBBLES, COLOUR } from './record';
import type { BleedInput, BleedMethod } from './schema';
import { POT_DEAD_ML } from './usual';

/** What a bleed is done for, and the shop's ways that its steps follow. */
export type BleedWays = {
  purpose: 'flush' | 'opened' | 'modulator';
  fluid: string;
  reservoir: 'draw_out' | 'push_through';
  strainer: 'lift_out' | 'leave_in';
  /** The car already stands on stands: it was opened for the work before. */
  carIsUp: boolean;
  /** The pedal is held down by a prop since the lines were opened. */
  propped: boolean;
};

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
  return [
    {
      id: 'leak-hold',
      part: 'Pressure',
      title: 'Cap on, pot dry: pump up, everything closed, and watch the gauge',
      how:
        plan.supply === 'pot'
          ? 'No fluid in the pot yet. It must stand still for the whole time.'
          : 'The pot gives air only and stays dry; the reservoir is filled up on the way, where the steps say. It must stand still for the whole time.',
      why: 'A leak found now costs air; found later it costs fluid, paint and the whole bleed.',
      cautions: ['pressure'],
      timerS: plan.leakHoldS ?? undefined,
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
    },
    ...(plan.supply === 'pot'
      ? [
          {
            id: 'pot-fill',
            part: 'Pressure' as const,
            title: 'Release it slowly, then pour the new fluid into the pot',
            how: `Listen until it is quiet before anything is undone. About ${POT_DEAD_ML} ml stay under the outlet: they never reach the car.`,
            cautions: ['pressure' as const, 'fluid' as const],
          },
          {
            id: 'pump-up',
            part: 'Pressure' as const,
            title: 'Pump up again',
            how: 'To the working pressure. Only now is a bleeder opened.',
            pressureKPa,
            cautions: ['pressure' as const],
          },
        ]
      : []),
  ];
}

const AT_BLEEDER: Record<BleedMethod, string> = {
  pressure: 'Hose on, rising from the bleeder before it falls, open half a turn.',
  two_person: 'Helper presses and holds, open, close, helper releases. Never release with it open.',
  vacuum: 'Draw steadily, bleeder half a turn open. Close before the pump comes off.',
  gravity: 'Cap loose, or nothing runs. Open and let it run. Do not leave the reservoir alone.',
  reverse: 'Push new fluid in slowly from below. Draw the reservoir down as it rises.',
};

function recordFor(row: BleedRow): RecordField[] {
  const amount = (id: string, label: string): RecordField => ({
    id,
    label,
    kind: 'amount',
    unit: 'ml',
    start: row.ml,
    step: 10,
    most: 2000,
  });
  return [COLOUR, BUBBLES, amount('ml', 'Out in all'), amount('clearAt', 'Clear at')];
}

function noFlow(pressure: boolean): Trouble {
  return {
    id: 'no-flow',
    label: 'Nothing comes',
    lines: [
      'First above: prop out and pedal right up, no rod over the port, no load valve that shuts with the axle hanging, another bleeder on the same line.',
      'All of the line’s bleeders dead: its hose has closed inside.',
      ...(pressure ? ['Release the pressure slowly, all of it.'] : ['Let the pedal up, everything closed.']),
      'Cover the bleeder, take the screw out, a finger over the hole.',
      'Clean its two holes with a drill shank by hand, never in the seat. Dry the thread.',
      'Refit it, close it, and bleed this corner again.',
    ],
  };
}

/** What a bleeder gets beyond its share before it is looked at again, ml. */
const MORE_ML = 50;

const NOT_CLEAR: Trouble = {
  id: 'not-clear',
  label: 'Its share is out, still dark',
  moreMl: MORE_ML,
  lines: [
    `Another ${MORE_ML} ml, then look again; it is counted in.`,
    'Dark after twice its share: this line, hose or caliper sheds it. Write the dirt down: it is asked about at the end.',
  ],
};

const STILL_BUBBLES: Trouble = {
  id: 'still-bubbles',
  label: 'Bubbles do not end',
  moreMl: MORE_ML,
  lines: [
    `Close it, half a minute, open again: another ${MORE_ML} ml; it is counted in.`,
    'A fine even stream of them: air past the screw’s thread or the hose’s end. Grease and a tight hose, then look again.',
    'From above: level, cap, the master’s seals. A system nobody opened has to let air in somewhere.',
  ],
};

const WILL_NOT_TURN: Trouble = {
  id: 'will-not-turn',
  label: 'The screw will not turn',
  lines: [
    'A ring spanner on all six flats; a hair tighter, then back. Penetrating oil, a few light taps, ten minutes.',
    'No flame on a caliper, no long bar. Flats gone round: a locking socket once, with a new screw in the hand.',
    'Another corner meanwhile; this one comes last. It stays shut: soaked overnight, or the caliper is renewed.',
  ],
};

const SNAPPED: Trouble = {
  id: 'snapped',
  label: 'It has snapped',
  must: true,
  lines: [
    'The car stays here: what is left may hold today and let go at the next hard stop.',
    'Caliper off, drilled on the bench by who can, or renewed, with its mate across the axle where the maker asks.',
  ],
};

function ranDry(plan: BleedPlan): Trouble {
  return {
    id: 'ran-dry',
    label: 'The reservoir ran dry',
    lines: [
      'Air is in the master and behind it. Fill up and start over at the first corner.',
      ...(plan.cycleModulator
        ? []
        : [
            'With a modulator in the car: it may have swallowed air. Soft after this bleed: cycle it with a scan tool.',
          ]),
    ],
    again: 'bleed-1',
    must: true,
  };
}

function cornerSteps(
  input: BleedInput,
  plan: BleedPlan,
  rows: readonly BleedRow[],
  from: number,
  to: number,
): Step[] {
  const pressure = plan.pressureKPa !== null;
  const so = (upTo: number) => rows.slice(0, upTo + 1).reduce((sum, row) => sum + row.ml, 0);
  return rows.slice(from, to).flatMap((row, at): Step[] => {
    const index = from + at;
    const which = row.bleeder === 'single' ? '' : `, ${row.bleeder} bleeder`;
    const again = index >= plan.order.length ? ', second round' : '';
    const next = index + 1 < to ? rows[index + 1] : undefined;
    return [
      {
        id: `bleed-${index + 1}`,
        part: 'Corner',
        title: `${row.corner}, ${CORNER_WORDS[row.corner]}${which}${again}`,
        how: [
          AT_BLEEDER[input.method],
          ...(plan.strokes[index] === undefined ? [] : [`About ${plan.strokes[index]} half strokes.`]),
          ...fillUps(plan, index, pressure, at > 0 && rows[index - 1]!.corner !== row.corner),
          'Stop on clean fluid without bubbles.',
        ].join(' '),
        why: 'The hose rises first so that a bubble cannot go back; the bottle may hang or stand. A clear hose shows the last of them.',
        corner: row.corner,
        cautions: ['bleeder_snap', 'glasses', 'fluid'],
        torque: 'bleeder',
        ml: { bleeder: row.bleeder, here: row.ml, total: so(index), ...strokesAt(plan, index, row.ml) },
        record: recordFor(row),
        troubles: [NOT_CLEAR, STILL_BUBBLES, noFlow(pressure), WILL_NOT_TURN, SNAPPED, ranDry(plan)],
      },
      ...(next !== undefined && next.corner !== row.corner
        ? [
            input.method === 'reverse'
              ? drawnDownBefore(next, index + 1, plan)
              : betweenStep(next, index + 1, plan, pressure),
          ]
        : []),
    ];
  });
}

/** The half strokes of a bleeder's share, and after which of them the reservoir is filled up. */
function strokesAt({ strokes, topUps }: BleedPlan, index: number, ml: number): { strokes?: Strokes } {
  const count = strokes[index];
  if (count === undefined) return {};
  const mlEach = ml / count;
  const within = topUps.filter(({ row, afterMl }) => row === index && afterMl > 0);
  return {
    strokes: {
      count,
      mlEach,
      fillAfter: within.map(({ afterMl }) => Math.max(1, Math.floor(afterMl / mlEach))),
    },
  };
}

/**
 * Where the reservoir would run dry inside a bleeder's share: stopped and filled up before it does.
 * @param asked whether the check before this corner has asked for the fill already
 */
function fillUps({ topUps }: BleedPlan, index: number, pressure: boolean, asked: boolean): string[] {
  const release = pressure ? 'release the pressure, ' : '';
  const again = pressure ? ', pump up again' : '';
  const here = topUps.filter(({ row }) => row === index);
  const within = here.filter(({ afterMl }) => afterMl > 0).map(({ afterMl }) => `${afterMl} ml`);
  return [
    ...(here.some(({ afterMl }) => afterMl === 0) && !asked
      ? [`First ${release}fill the reservoir up${again}: it would run dry here.`]
      : []),
    ...(within.length > 0
      ? [`At ${within.join(' and ')} close it, ${release}fill the reservoir up${again}.`]
      : []),
  ];
}

/** The check between two corners: chosen, not clicked past. */
function betweenStep(next: BleedRow, index: number, plan: BleedPlan, pressure: boolean): Step {
  const empty = plan.emptyCatchBefore.includes(index);
  const fill = plan.topUps.some((stop) => stop.row === index && stop.afterMl === 0);
  return {
    id: `between-${index}`,
    part: 'Corner',
    title: `Before ${CORNER_WORDS[next.corner]}: ${fill ? 'fill the reservoir up' : 'level'}${pressure ? ' and pressure' : ''}${empty ? ', and empty the catch bottle' : ''}`,
    how: `${fill ? `${pressure ? 'Release first. ' : ''}The next one would run it dry. ` : ''}Reservoir${plan.supply === 'pot' ? ' and pot' : ''} more than half full, cap dry, no seep.${empty ? ' The catch bottle would run over at the next one.' : ''}`,
    ...(pressure ? { pressureKPa: { working: plan.pressureKPa!, ceiling: plan.ceilingKPa } } : {}),
    ask: [
      { value: 'right', label: pressure ? 'Level and pressure right' : 'Level right' },
      { value: 'topped_up', label: pressure ? 'Topped up, pumped up again' : 'Topped up' },
      { value: 'ran_dry', label: 'It ran dry', trouble: 'ran-dry' },
    ],
    troubles: [ranDry(plan)],
  };
}

/** Pushed from below, the reservoir fills instead of running dry. */
function drawnDownBefore(next: BleedRow, index: number, plan: BleedPlan): Step {
  return {
    id: `between-${index}`,
    part: 'Corner',
    title: `Before ${CORNER_WORDS[next.corner]}: draw the reservoir down`,
    how: 'To the lower mark: the next one brings as much again. Syringe and hose full, no bubble in them.',
    cautions: ['fluid'],
    ask: [
      { value: 'right', label: 'Drawn down' },
      { value: 'over', label: 'It ran over', trouble: 'over' },
    ],
    troubles: [
      {
        id: 'over',
        label: 'It ran over',
        lines: ['Water over everything that was wet, at once and plenty. Draw it down, then go on.'],
      },
      ranDry(plan),
    ],
  };
}

function modulatorStep(plan: BleedPlan): Step {
  return {
    id: 'modulator',
    part: 'Modulator',
    title: 'Cycle the modulator with a scan tool',
    how: 'Fluid up, pressure or foot on as the maker says. Each valve opens in turn; air comes out at the corners of the second round.',
    why: 'Air behind closed valves only leaves when they open. A fault code after the job usually means air got in: bleed, then clear it.',
    tool: 'Scan tool with this car’s routine',
    ...(plan.pressureKPa === null
      ? {}
      : { pressureKPa: { working: plan.pressureKPa, ceiling: plan.ceilingKPa } }),
    ask: [
      { value: 'cycled', label: 'Cycled' },
      { value: 'not_needed', label: 'Not needed: level never low, pedal firm' },
      { value: 'no_tool', label: 'No scan tool', trouble: 'no-tool' },
    ],
    troubles: [
      {
        id: 'no-tool',
        label: 'No scan tool',
        lines: [
          'Then this bleed may not cure it: say so to whoever drives it.',
          'Some cars cycle their valves on loose ground at walking pace: the maker’s word first. Come back here when it was done.',
        ],
      },
    ],
  };
}

/** Air behind a valve may speak up later: the codes are read with the modulator fresh. */
const CODES: Step = {
  id: 'codes-read',
  part: 'Finish',
  title: 'Fault codes: read, clear, read again',
  how: 'Write down what was stored before it is cleared. Once more after the first drive: air that is left brings them back.',
  tool: 'Scan tool with this car’s routine',
  due: { what: 'Fault codes read again after the first drive', inDays: 7 },
  ask: [
    { value: 'none', label: 'None stored' },
    { value: 'cleared', label: 'Cleared, none came back' },
    { value: 'back', label: 'One comes back', trouble: 'code-back' },
    { value: 'no_tool', label: 'No scan tool', trouble: 'no-reader' },
  ],
  troubles: [
    {
      id: 'code-back',
      label: 'A code comes back',
      lines: [
        'Look it up with the maker: a pressure or pump code after a bleed asks for the cycle once more, then a bleed.',
        'A sensor’s code is another job.',
      ],
      due: { what: 'A fault code came back after the bleed', inDays: 0 },
    },
    {
      id: 'no-reader',
      label: 'No scan tool',
      lines: [
        'The lamps tell what they can: on with the ignition, out with the engine. Say to the driver that the codes were not read.',
      ],
      due: { what: 'Fault codes after the bleed: not read yet', inDays: 7 },
    },
  ],
};

function finishSteps(plan: BleedPlan, { strainer }: BleedWays): Step[] {
  return [
    ...(plan.pressureKPa === null
      ? []
      : [
          {
            id: 'release',
            part: 'Finish' as const,
            title: 'Release the pressure slowly, then the cap',
            how: 'Listen until it is quiet.',
            cautions: ['pressure' as const],
          },
        ]),
    {
      ...levelRight,
      how: `Draw off the excess: hot fluid needs room. ${strainer === 'lift_out' ? 'Strainer and cap back.' : 'Cap back.'}`,
    },
    {
      id: 'closed',
      part: 'Finish',
      title: 'Every bleeder closed and capped, spills washed',
      how: 'Count the caps. Water over everything that was wet.',
      cautions: ['disposal'],
    },
    {
      id: 'left-over',
      part: 'Finish',
      title:
        plan.supply === 'pot'
          ? 'What is left in the pot and in opened bottles'
          : 'What is left in opened bottles',
      how: `${plan.supply === 'pot' ? 'Pot, hose and catch bottle rinsed with alcohol and dried. ' : 'Hose and catch bottle rinsed with alcohol and dried. '}It has been opened: label it with today’s date, or to the waste. Never back into a sealed bottle.`,
      record: [
        {
          id: 'left_over',
          label: 'Left over',
          kind: 'choice',
          options: [
            { value: 'labelled', label: 'Labelled, on the shelf' },
            { value: 'waste', label: 'To the waste' },
            { value: 'none', label: 'Nothing left' },
          ],
        },
      ],
    },
    ...(plan.cycleModulator ? [CODES] : []),
    wheelsOn([...new Set(plan.order.map((row) => row.corner))]),
  ];
}
