import type { TorqueId } from '../../car/torques';
import type { TickRow } from './rows';
import type { Step } from './step';

/** What is done up at a step. */
export function jointsOf({ torque }: Pick<Step, 'torque'>): readonly TorqueId[] {
  if (torque === undefined) return [];
  return typeof torque === 'string' ? [torque] : torque;
}

/** Where the figure of a joint is written down: by itself under `torque`, as older ticks have it, else by its name. */
function keyOf(joint: TorqueId, joints: readonly TorqueId[]): string {
  if (joints.length === 1) return 'torque';
  return `torque_${joint}`.replace(/_([a-z])/g, (_, letter: string) => letter.toUpperCase());
}

/** What was written down where no figure is on file. */
export const MAKERS_FIGURE = 'the maker’s figure';

/** The figure each joint of a step is done up to, as it is written down with it. */
export function jointsRecord(
  step: Pick<Step, 'torque'>,
  torquesNm: Partial<Record<TorqueId, number>>,
): TickRow['record'] {
  const joints = jointsOf(step);
  return Object.fromEntries(joints.map((joint) => [keyOf(joint, joints), torquesNm[joint] ?? MAKERS_FIGURE]));
}

/** The figures a step's joints were done up to, N·m; nothing where none was on file. */
export function jointsDone(
  step: Pick<Step, 'torque'>,
  record: TickRow['record'],
): { joint: TorqueId; torqueNm: number | undefined }[] {
  const joints = jointsOf(step);
  return joints.flatMap((joint) => {
    const value = record[keyOf(joint, joints)];
    if (value === undefined) return [];
    return [{ joint, torqueNm: typeof value === 'number' ? value : undefined }];
  });
}
