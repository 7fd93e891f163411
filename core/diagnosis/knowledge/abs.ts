import { type CauseKnowledge, link } from './cause';

/** The ABS at work, which feels like a fault and is none, and what goes wrong with it. */
export const ABS: readonly CauseKnowledge[] = [
  {
    cause: 'abs_working',
    meaning: 'Pulsing and noise only while the tyre is at the limit; no fault',
    prior: 0.00134,
    at: 'car',
    needs: { abs: true },
    links: [
      link('pedal_pulses', 'yes', 0.9, 'The valves are felt'),
      link('pulse_when', 'at_limit', 0.9, 'Only while the tyre is at the limit'),
      link('pulse_only_in_abs', 'yes', 0.95, 'Only while the tyre is at the limit'),
      link('vibration_braking', 'yes', 0.3, 'The valves are felt'),
      link('noise_rattle', 'yes', 0.2, 'The pump is heard', 0.03),
      link('judder_order', 'not_wheel', 0.7, 'The pump has its own beat'),
      link('noise_grind', 'yes', 0.25, 'Drivers call it grinding', 0.04),
      link('shake_where', 'pedal', 0.8, 'The valves are felt under the foot'),
    ],
  },
  {
    cause: 'wheel_speed_sensor',
    meaning: 'Sensor, ring or cable: the ABS lamp, or the unit acting without a reason',
    prior: 0.002,
    at: 'car',
    needs: { abs: true },
    links: [
      link(
        'warning_light',
        'abs',
        0.55,
        'The unit misses a wheel; while it acts for nothing the lamp may still be off',
      ),
      link(
        'warning_light',
        'brake',
        0.1,
        'Without a wheel it cannot share the force out: both lamps come on',
      ),
      link('fault_codes', 'wheel_sensor', 0.92, 'The unit names the wheel'),
      link('pedal_pulses', 'yes', 0.25, 'The unit acts just before standstill'),
      link(
        'pulse_when',
        'for_nothing',
        0.9,
        'A weak signal fades at walking pace, and the unit takes that for a locked wheel',
      ),
      link('hub_work', 'yes', 0.25, 'A cable or ring was disturbed'),
      link('pulse_only_in_abs', 'yes', 0.2, 'The unit acts without a reason'),
      link('vibration_braking', 'yes', 0.15, 'The valves are felt'),
    ],
  },
  {
    cause: 'abs_unit_fault',
    meaning: 'A valve, the pump or the electronics of the unit itself, or what feeds it',
    prior: 0.0004,
    at: 'car',
    needs: { abs: true },
    links: [
      link('fault_codes', 'modulator', 0.9, 'The unit names itself'),
      link('warning_light', 'abs', 0.85, 'It switches itself off'),
      link('warning_light', 'brake', 0.1, 'Without it the force is not shared out: both lamps come on'),
      link('axle_locks_early', 'rear', 0.12, 'Nothing holds the rear back any more'),
      link('pedal_sinks', 'yes', 0.12, 'A release valve that does not seat lets fluid by'),
      link('pedal_hold', 'sinks', 0.12, 'A release valve that does not seat lets fluid by'),
      link('noise_rattle', 'yes', 0.05, 'The pump runs on', 0.01),
    ],
  },
];
