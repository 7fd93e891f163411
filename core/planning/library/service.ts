import { type Awake, awakeOf } from '../../car/drives';
import type { CarSpec } from '../../car/spec';
import type { CautionId } from '../cautions';
import type { Step } from '../run/step';
import { step } from './common';

const CAUTION: Record<Awake, CautionId> = {
  parking_brake: 'parked_motor',
  by_wire: 'by_wire',
  high_voltage: 'high_voltage',
};

const IN: Record<Awake, string> = {
  parking_brake: 'parking brake in its service position',
  by_wire: 'brakes put to sleep by the maker’s routine',
  high_voltage: 'car off, ready lamp out, key out of reach',
};

const OUT: Record<Awake, string> = {
  parking_brake: 'parking brake back on duty, calibrated, tried on both sides',
  by_wire: 'brakes woken by the maker’s routine, codes read',
  high_voltage: 'ready lamp comes on, no warning',
};

const sentence = (words: readonly string[]) => {
  const all = words.join('; ');
  return `${all.charAt(0).toUpperCase()}${all.slice(1)}.`;
};

/** What is put to sleep before hands go in, and woken before the pedal is pumped. */
function serviceSteps(awake: readonly Awake[]): { asleep: Step; awake: Step } {
  return {
    asleep: step(
      'Before',
      'service-in',
      'Put to sleep what moves by itself',
      `${sentence(awake.map((each) => IN[each]))} A charger on the battery: a sagging one wakes it half way.`,
      {
        cautions: awake.map((each) => CAUTION[each]),
        tool: 'The maker’s routine or tool, battery charger',
        ask: [
          { value: 'asleep', label: 'Asleep, key away' },
          { value: 'no_way', label: 'No way into it here', trouble: 'no-way' },
        ],
        troubles: [
          {
            id: 'no-way',
            label: 'It cannot be put to sleep here',
            must: true,
            lines: [
              'Then nobody works on it here: an actuator that is forced back breaks, one that wakes takes fingers.',
              'The maker’s tool, or a shop that has it.',
            ],
          },
        ],
      },
    ),
    awake: step('Finish', 'service-out', 'Wake it again', sentence(awake.map((each) => OUT[each])), {
      cautions: awake.map((each) => CAUTION[each]),
      ask: [
        { value: 'awake', label: 'Awake, no warning' },
        { value: 'warns', label: 'It warns, or one side does not hold', trouble: 'warns' },
      ],
      troubles: [
        {
          id: 'warns',
          label: 'A warning, or a side that does not hold',
          must: true,
          lines: ['Calibrate once more. Still: read its codes; the car stays where it is.'],
        },
      ],
    }),
  };
}

/**
 * A run with what moves by itself put to sleep first and woken before the pedal is pumped, on a car that has any; the
 * same run otherwise.
 */
export function withServiceMode(car: CarSpec, steps: Step[]): Step[] {
  const awake = awakeOf(car);
  if (awake.length === 0 || !steps.some((each) => each.id === 'lift')) return steps;
  const service = serviceSteps(awake);
  return wokenBeforePedal([service.asleep, ...steps, service.awake]);
}

/** Woken once everything is closed, before the first press. */
export function wokenBeforePedal(steps: Step[]): Step[] {
  const woken = steps.filter((each) => each.id === 'service-out');
  const firm = steps.findIndex((each) => each.id === 'firm');
  if (woken.length === 0 || firm < 0) return steps;
  const rest = steps.filter((each) => each.id !== 'service-out');
  const at = rest.findIndex((each) => each.id === 'firm');
  return [...rest.slice(0, at), ...woken.slice(0, 1), ...rest.slice(at)];
}
