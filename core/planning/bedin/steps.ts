import { speedWords } from '../../base/units/speed';
import type { Corner } from '../../car/corner';
import { firmPedal, holdPedal } from '../library/proofs';
import type { Step } from '../run/step';
import { HEAT_FIELDS } from './heatFields';
import type { BedInPlan } from './plan';
import { AFTER_BED_IN } from './schools';

/** Where a slowdown ends, or begins. */
function speed(kmh: number): string {
  return kmh === 0 ? 'a stop' : speedWords(kmh);
}

/** Whether its motor brakes too, so that the pads never see the heat they are bedded by; where its new faces are. */
type Bedded = { regenerates: boolean; corners: readonly Corner[] };

/** A bed-in as a run: the passenger reads and presses, the driver drives. */
export function bedInSteps(plan: BedInPlan, { regenerates, corners }: Bedded): Step[] {
  return [
    { ...firmPedal, part: 'Before', how: 'New pads stand off the rotor until the first presses.' },
    { ...holdPedal, part: 'Before' },
    ...(regenerates ? [REGENERATION] : []),
    ...OUT,
    ...plan.stops.flatMap((_, index) => [slowdown(plan, index), ...stageHeat(plan, index)]),
    COOL,
    ...corners.map(look),
    SQUEAL,
  ];
}

const REGENERATION: Step = {
  id: 'regen',
  part: 'Before',
  title: 'Regeneration off, or at its least',
  how: 'Neutral where the car allows no other way. A battery that is full brakes less with the motor. What the motor takes never reaches the rotor.',
  ask: [
    { value: 'off', label: 'Off, or at its least' },
    { value: 'on', label: 'It cannot be turned down', trouble: 'regen-on' },
  ],
  troubles: [
    {
      id: 'regen-on',
      label: 'Regeneration stays on',
      lines: [
        'More and firmer slowdowns than the plan says: go by the temperature at its end, not by the count.',
      ],
    },
  ],
};

/** To where it can be driven as it has to be. */
const OUT: Step[] = [
  {
    id: 'road',
    part: 'Before',
    title: 'The road, the driver, the passenger',
    how: 'Passenger works this screen and calls the cues; the driver never looks at it. Belts on, nobody behind, room to run out.',
    cautions: ['road'],
    drives: true,
    ask: [{ value: 'safe', label: 'Legal, empty and safe here' }],
  },
  {
    id: 'gentle',
    part: 'Before',
    title: 'Drive gently and listen',
    how: 'No grind, no pull, nothing drags. Then go on.',
    drives: true,
  },
];

const COOL: Step = {
  id: 'cool',
  part: 'Finish',
  title: 'Cool by driving, ten minutes',
  how: 'No brakes if you can. Do not stand with the pedal down.',
  timerS: 600,
  drives: true,
  cautions: ['no_parking_brake', 'hot'],
  record: [{ id: 'cooledC', label: 'Hottest rotor after it', kind: 'figure', unit: '°C' }],
};

const SQUEAL: Step = {
  id: 'squeal',
  part: 'Proof',
  title: 'A few stops at walking pace: does it squeal?',
  how: 'Cold, windows down. A film that is not whole yet sings.',
  drives: true,
  cautions: ['road'],
  ask: [
    { value: 'quiet', label: 'Quiet' },
    { value: 'squeals', label: 'It squeals', trouble: 'squeals' },
  ],
  troubles: [
    {
      id: 'squeals',
      label: 'It squeals',
      again: 'stop-1',
      lines: [
        'Once more from the first slowdown, after a full cool-down.',
        'Squealing still: the edges of the pads, their grease and springs, as a job of its own.',
      ],
    },
  ],
};

/** One slowdown, and what stops it. */
function slowdown({ stops, predictedC }: BedInPlan, index: number): Step {
  const stop = stops[index]!;
  return {
    id: `stop-${index + 1}`,
    part: 'Bed in',
    title: `${index + 1} of ${stops.length}: ${speed(stop.fromKmh)} to ${speed(stop.toKmh)}`,
    how:
      stop.toKmh === 0
        ? 'Steady, moderate pressure until it stands. Then up to speed again.'
        : 'Firm, no anti-lock, never to a halt. Then up to speed again.',
    drives: true,
    slowdown: { ...stop, predictedC: predictedC[index] },
    troubles: [
      {
        id: 'smell',
        label: 'Smoke or smell',
        lines: ['Off the brake, roll on and let it cool by driving.', 'Then fewer, or cooler ones.'],
      },
      {
        id: 'soft',
        label: 'A soft or long pedal',
        must: true,
        finds: [{ id: 'pedal_now', state: 'soft' }],
        lines: [
          'The bed-in ends here: engine braking, no press that is not needed, straight back to the bay.',
          'Level, boiled fluid, a piston pushed back: the car is held until its pedal is proved firm.',
        ],
      },
    ],
  };
}

/** After the last slowdown of a kind the rotor is read, where it can be: it beats the model for the rest. */
function stageHeat({ stops }: BedInPlan, index: number): Step[] {
  const stop = stops[index]!;
  const next = stops[index + 1];
  if (next && next.fromKmh === stop.fromKmh && next.toKmh === stop.toKmh) return [];
  return [
    {
      id: `heat-${index + 1}`,
      part: 'Bed in',
      title: 'What did the hottest rotor reach?',
      how: 'Infrared through the wheel, a sensor, or the colour of paint: at once, off the brake. Without one, go on.',
      why: 'What is measured beats the model: the rest of the plan goes by it.',
      cautions: ['hot'],
      drives: true,
      heat: { after: index + 1, last: next === undefined },
      record: [
        { id: HEAT_FIELDS.rotorC, label: 'Hottest rotor', kind: 'figure', unit: '°C' },
        {
          id: HEAT_FIELDS.waitedS,
          label: 'Read',
          kind: 'choice',
          options: [
            { value: '0', label: 'At once' },
            { value: '30', label: 'Half a minute after' },
            { value: '120', label: 'Two minutes after' },
          ],
        },
      ],
    },
  ];
}

/** The faces of one corner, cold. */
function look(corner: Corner): Step {
  return {
    id: `look-${corner.toLowerCase()}`,
    part: 'Proof',
    title: `${corner}: look at both faces, by mirror`,
    how: AFTER_BED_IN,
    corner,
    cautions: ['hot'],
    ask: [
      { value: 'even', label: 'Even grey' },
      { value: 'streaks', label: 'Streaks or print', trouble: 'print' },
      { value: 'blue', label: 'Blue', trouble: 'blue' },
      { value: 'bare', label: 'Still bare', trouble: 'bare' },
    ],
    troubles: [
      {
        id: 'print',
        label: 'Streaks or print',
        again: 'stop-1',
        lines: [
          'Scrub the faces with garnet paper and bed in once more.',
          'Printed where it stood: it was stopped hot.',
        ],
      },
      {
        id: 'blue',
        label: 'Blue',
        lines: [
          'Past where this pad wants to be. Let it cool right down; watch it for cracks.',
          'Fewer slowdowns, or cooling between, next time.',
        ],
      },
      {
        id: 'bare',
        label: 'Still bare',
        again: 'stop-1',
        lines: ['Too cold: more slowdowns, or from a higher speed where that can be done.'],
      },
    ],
  };
}
