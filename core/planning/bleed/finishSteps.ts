import { levelRight, wheelsOn } from '../library/car';
import type { Step } from '../run/step';
import type { BleedPlan } from './plan';
import type { BleedWays } from './ways';

/** Each valve opened in turn, so that the air behind it comes out. */
export function modulatorStep(plan: BleedPlan): Step {
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

/** The pressure out, the level, every bleeder closed, what is left over, codes, wheels. */
export function finishSteps(plan: BleedPlan, { strainer }: BleedWays): Step[] {
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
    leftOver(plan.supply === 'pot'),
    ...(plan.cycleModulator ? [CODES] : []),
    wheelsOn([...new Set(plan.order.map((row) => row.corner))]),
  ];
}

/** What is left of opened fluid: labelled, or to the waste. */
function leftOver(pot: boolean): Step {
  return {
    id: 'left-over',
    part: 'Finish',
    title: pot ? 'What is left in the pot and in opened bottles' : 'What is left in opened bottles',
    how: `${pot ? 'Pot, hose and catch bottle rinsed with alcohol and dried. ' : 'Hose and catch bottle rinsed with alcohol and dried. '}It has been opened: label it with today’s date, or to the waste. Never back into a sealed bottle.`,
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
  };
}
