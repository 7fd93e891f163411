import { speedWords } from '../../base/units/speed';
import { firmPedal, holdPedal } from '../library/proofs';
import type { Step } from '../run/step';
import type { BedInPlan } from './plan';
import { AFTER_BED_IN } from './schools';

/** Where a slowdown ends, or begins. */
function speed(kmh: number): string {
  return kmh === 0 ? 'a stop' : speedWords(kmh);
}

/**
 * A bed-in as a run: the passenger reads and presses, the driver drives.
 * @param car whether its motor brakes too, so that the pads never see the heat they are bedded by
 */
export function bedInSteps(plan: BedInPlan, { regenerates }: { regenerates: boolean }): Step[] {
  return [
    { ...firmPedal, part: 'Before', how: 'New pads stand off the rotor until the first presses.' },
    { ...holdPedal, part: 'Before' },
    ...(regenerates
      ? [
          {
            id: 'regen',
            part: 'Before' as const,
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
          },
        ]
      : []),
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
      title: 'Every corner: look at both faces, by mirror',
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
    },
  ];
}
