import { asSentence } from '../../base/sentence';
import { axleOf, type Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import type { Step } from '../run/step';
import { carUp, coolFirst } from './car';
import { atEach, cornersInWords, step } from './step';

/** A caliper off its bracket and tied up, at each corner. */
export const calipersOff = (corners: readonly Corner[]): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `off-${corner.toLowerCase()}`,
      `${corner}: caliper off, tied up`,
      'Sliding: off, or swung up. Opposed: pads out by their pins and spring, and the caliper off only where the rotor comes out. Wear sensor unplugged, handed parts bagged by corner. Look at the whole corner while it is open: pins, boots, pistons, hose, hardware. Half of what matters is found on the way to something else.',
      { corner, cautions: ['caliper_hang', 'dust', 'nobody_presses'] },
    ),
  );

/** Pistons pushed back with an eye on the level. */
export const pistonsBack = (corners: readonly Corner[]): Step =>
  step(
    'Apart',
    'pistons-back',
    'Push the pistons back, watching the level',
    `${asSentence(cornersInWords(corners))}. Cap off and level looked at first: draw it down, then push, slowly and square. In an opposed caliper a spacer holds the others, or they come out as one goes in. A piston that will not go back is the next job. A parking brake in the caliper is wound, not pushed; one with a motor only in its service position, by its tool.`,
    { tool: 'Piston spreader', cautions: ['fluid'] },
  );

/** Mounting faces to bright metal. */
export const facesBright = (corners: readonly Corner[]): Step =>
  step(
    'Fit',
    'faces',
    'Hub and rotor faces to bright metal',
    `${asSentence(cornersInWords(corners))}. Rust and dirt here are runout: 0.02 mm under a hub edge is twice that at the pad.`,
    { tool: 'Abrasive disc by hand, straight edge', why: 'Most new-rotor judder is dirt on the hub face.' },
  );

/** Calipers back where they were, bolted to the maker's figure. */
export const caliperOn = (corners: readonly Corner[]): Step[] =>
  atEach(corners, 'back', 'caliper on', 'Bolts to the maker.', { torque: 'caliper_bracket' });

/** How the torque of a caliper that goes back is asked: pins on a sliding one, its mount on an opposed one. */
export const caliperTorque =
  ({ front, rear }: CarSpec) =>
  (corner: Corner): Partial<Step> => ({
    torque:
      (axleOf(corner) === 'front' ? front : rear).caliper === 'opposed' ? 'caliper_bracket' : 'slide_pin',
  });

/** The car cold and up, calipers off: how most jobs at a corner begin. */
export const apart = (corners: readonly Corner[]): Step[] => [coolFirst, carUp(), ...calipersOff(corners)];
