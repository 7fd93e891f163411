import { speedWords } from '../../base/units/speed';
import { firmPedal } from '../library/common';
import type { Step } from '../run/step';
import type { BedInPlan } from './plan';
import { AFTER_BED_IN } from './schools';

/** Where a slowdown ends, or begins. */
function speed(kmh: number): string {
  return kmh === 0 ? 'a stop' : speedWords(kmh);
}

/** A bed-in as a run: the passenger reads and presses, the driver drives. */
export function bedInSteps(plan: BedInPlan): Step[] {
  return [
    {
      id: 'road',
      part: 'Before',
      title: 'The road, the driver, the passenger',
      how: 'Passenger works this screen and calls the cues; the driver never looks at it. Belts on, nobody behind, room to run out.',
      cautions: ['road'],
      drives: true,
      ask: [{ value: 'safe', label: 'Legal, empty and safe here' }],
    },
    { ...firmPedal, part: 'Before', how: 'New pads stand off the rotor until the first presses.' },
    {
      id: 'gentle',
      part: 'Before',
      title: 'Drive gently and listen',
      how: 'No grind, no pull, nothing drags. Then go on.',
      drives: true,
    },
    ...plan.stops.map(
      (stop, index): Step => ({
        id: `stop-${index + 1}`,
        part: 'Bed in',
        title: `${index + 1} of ${plan.stops.length}: ${speed(stop.fromKmh)} to ${speed(stop.toKmh)}`,
        how:
          stop.toKmh === 0
            ? 'Steady, moderate pressure until it stands. Then up to speed again.'
            : 'Firm, no anti-lock, never to a halt. Then up to speed again.',
        drives: true,
        slowdown: { ...stop, predictedC: plan.predictedC[index] },
        troubles: [
          {
            id: 'smell',
            label: 'Smoke, smell or a soft pedal',
            lines: [
              'Off the brake, roll on and let it cool by driving.',
              'A pedal that went soft: stop the bed-in, car back to the bay.',
            ],
          },
        ],
      }),
    ),
    {
      id: 'cool',
      part: 'Finish',
      title: 'Cool by driving, ten minutes',
      how: 'No brakes if you can. Do not stand with the pedal down.',
      timerS: 600,
      drives: true,
      cautions: ['no_parking_brake', 'hot'],
    },
    {
      id: 'look',
      part: 'Proof',
      title: 'Look at both faces',
      how: AFTER_BED_IN,
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
          lines: ['Too cold: more slowdowns, or from a higher speed where that can be done.'],
        },
      ],
    },
  ];
}
