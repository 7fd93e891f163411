import { asSentence } from '../../base/sentence';
import { type SelfActing, selfActingOf } from '../../car/drives';
import type { CarSpec } from '../../car/spec';
import type { CautionId } from '../cautions';
import type { Step } from '../run/step';
import { step } from './step';

const CAUTION: Record<SelfActing, CautionId> = {
  parking_brake: 'parked_motor',
  brake_by_wire: 'by_wire',
  high_voltage: 'high_voltage',
};

const IN: Record<SelfActing, string> = {
  parking_brake: 'parking brake in its service position',
  brake_by_wire: 'brake unit in the maker’s service mode',
  high_voltage: 'car off, ready lamp out, key out of reach',
};

const OUT: Record<SelfActing, string> = {
  parking_brake: 'parking brake out of its service position, calibrated, tried on both sides',
  brake_by_wire: 'brake unit out of service mode, codes read',
  high_voltage: 'ready lamp comes on, no warning',
};

const sentence = (words: readonly string[]) => `${asSentence(words.join('; '))}.`;

/** Into service mode before hands go in. */
const serviceIn = (acting: readonly SelfActing[]): Step =>
  step(
    'Before',
    'service-in',
    'Into service mode',
    `${sentence(acting.map((each) => IN[each]))} A charger on the battery: a sagging one ends the mode half way.`,
    {
      cautions: acting.map((each) => CAUTION[each]),
      tool: 'The maker’s routine or tool, battery charger',
      ask: [
        { value: 'in', label: 'In service mode, key away' },
        { value: 'no_way', label: 'No way into it here', trouble: 'no-way' },
      ],
      troubles: [
        {
          id: 'no-way',
          label: 'No service mode here',
          must: true,
          lines: [
            'Then nobody works on it here: an actuator that is forced back breaks, one that acts takes fingers.',
            'The maker’s tool, or a shop that has it.',
          ],
        },
      ],
    },
  );

const SERVICE_OUT = 'service-out';

/** Out of it again, and proved. */
const serviceOut = (acting: readonly SelfActing[]): Step =>
  step('Finish', SERVICE_OUT, 'Out of service mode', sentence(acting.map((each) => OUT[each])), {
    cautions: acting.map((each) => CAUTION[each]),
    ask: [
      { value: 'out', label: 'Out of it, no warning' },
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
  });

/** A run begun in service mode, on a car that has something that acts by itself; the same run otherwise. */
export function withServiceMode(car: CarSpec, steps: Step[]): Step[] {
  const acting = selfActingOf(car);
  if (acting.length === 0 || !steps.some((each) => each.id === 'lift')) return steps;
  return serviceOutBeforePedal([serviceIn(acting), ...steps, serviceOut(acting)]);
}

/** Out of service mode once everything is closed, before the first press. */
export function serviceOutBeforePedal(steps: Step[]): Step[] {
  const out = steps.find((each) => each.id === SERVICE_OUT);
  const rest = steps.filter((each) => each.id !== SERVICE_OUT);
  const firm = rest.findIndex((each) => each.id === 'firm');
  return out && firm >= 0 ? [...rest.slice(0, firm), out, ...rest.slice(firm)] : steps;
}
