import type { SheetNote } from '../../car/ownSheet';
import type { TorqueId } from '../../car/torques';
import { jointsOf } from './joints';
import type { Step } from './step';

/** What fits a joint's bolt is noted once for all of its kind. */
const OF_JOINTS: Partial<Record<TorqueId, SheetNote>> = {
  wheel: 'wheel',
  bleeder: 'bleeder',
  banjo: 'union',
  line_union: 'union',
  modulator_union: 'union',
  caliper_bracket: 'caliper',
  slide_pin: 'caliper',
  caliper_bridge: 'caliper',
};

/** Steps, by their id without its corner, at which a note of the car helps. */
const OF_STEPS: Readonly<Record<string, SheetNote>> = {
  lift: 'lift',
  pins: 'pads',
  cap: 'reservoir',
  draw: 'reservoir',
  level: 'reservoir',
  'service-in': 'service',
  'service-out': 'service',
};

/** The notes of the car's own sheet that a step is read with. */
export function notesAt(step: Pick<Step, 'id' | 'torque'>): SheetNote[] {
  const own = OF_STEPS[step.id.replace(/-(fl|fr|rl|rr)$/, '')];
  const joints = jointsOf(step).flatMap((joint) => OF_JOINTS[joint] ?? []);
  return [...new Set([...(own ? [own] : []), ...joints])];
}
