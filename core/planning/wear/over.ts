import { CORNERS } from '../../car/corner';
import type { Measured } from './measured';

/** Today's over what was measured before. */
export function measuredOver(before: Measured, now: Measured): Measured {
  return Object.fromEntries(
    CORNERS.map((corner) => [
      corner,
      {
        rotor: { ...before[corner].rotor, ...now[corner].rotor },
        pads: { ...before[corner].pads, ...now[corner].pads },
      },
    ]),
  ) as Measured;
}
