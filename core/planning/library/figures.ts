import type { Corner } from '../../car/corner';
import type { Step, Trouble } from '../run/step';
import { step } from './step';

/** What a reading after the work that is past its limit asks: it is not passed over like one inside it. */
export const outOfLimit: Trouble = {
  id: 'over',
  label: 'Past its limit',
  read: true,
  lines: [
    'Zero, place and gauge first: the same figure twice, or it does not count.',
    'Faces clean, part seated, nuts at their figure? Then the part goes back or on.',
    'What is left so is said, and stands in the proof.',
  ],
};

/** Readings that say whether the job did what it is for. */
const GATING: readonly Readable[] = ['bearing', 'rotor', 'hub'];

type Readable = 'pads' | 'rotor' | 'hub' | 'bearing' | 'drum';

/** Readings of what was fitted, a corner at a time; with what is done about one that is past its limit. */
export const measureFitted = (
  measure: Readable,
  corners: readonly Corner[],
  title: string,
  lines = outOfLimit.lines,
): Step[] =>
  corners.map((corner) =>
    step(
      'Fit',
      `read-${measure}-${corner.toLowerCase()}`,
      `${corner}: ${title}`,
      'On the car, as fitted. It is the figure the next wear is counted from.',
      {
        corner,
        measure: {
          measure,
          corner,
          phase: 'after',
          fitted: true,
          ...(GATING.includes(measure) ? { gates: true } : {}),
        },
        troubles: [{ ...outOfLimit, lines }],
      },
    ),
  );

/** New pads, each measured at both ends while a gauge still gets at it. */
export const measurePads = (corners: readonly Corner[]): Step[] =>
  measureFitted('pads', corners, 'new pads, before they go in').map((each) => ({
    ...each,
    how: 'On the bench, inner and outer, both ends: in the caliper no gauge gets at them. The next wear is counted from it.',
  }));

/** Readings of what is found, before anything is changed. */
export const measureFound = (measure: Readable, corners: readonly Corner[], title: string): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `found-${measure}-${corner.toLowerCase()}`,
      `${corner}: ${title}`,
      'The figure before. Without it nobody will know what cured it.',
      { corner, measure: { measure, corner, phase: 'before' } },
    ),
  );
