import { axleOf } from '../car/corner';
import { carUp, coolFirst, levelled, propPedal, wheelsOn } from './library/car';
import { caliperOn, calipersOff, pistonsBack } from './library/corner';
import { firmPedal, holdPedal, slowRoll } from './library/proofs';
import { step } from './library/step';
import type { Procedure } from './procedure';
import type { Step } from './run/step';

/** What work named by hand touches; each brings the steps, the bleed and the proofs that go with it. */
export const OTHER_TOUCHES = {
  wheels: 'Wheels come off',
  pistons: 'Calipers off, or pistons pushed back',
  lines: 'A line, hose, caliper or the master is opened',
  friction: 'New pads or rotors go in',
  none: 'None of these: no wheel, line or pad is touched',
} as const;

export type OtherTouch = keyof typeof OTHER_TOUCHES;
export const OTHER_TOUCH_IDS = Object.keys(OTHER_TOUCHES) as OtherTouch[];

/** What is said to be touched, with what goes with it: pads are not reached past the wheel and the caliper. */
function whole(touches: readonly OtherTouch[]): ReadonlySet<OtherTouch> {
  const friction = touches.includes('friction');
  const pistons = friction || touches.includes('pistons');
  return new Set<OtherTouch>([
    ...touches,
    ...(pistons ? (['wheels', 'pistons'] as const) : []),
    ...(friction ? (['friction'] as const) : []),
  ]);
}

/**
 * Work that the library does not know, as a job with the steps that what it touches wants: the car up, calipers tied
 * up, the system closed off, a bleed, wheels, pedal and roll. It still goes measure, do, measure again.
 * @param title what is done, in the words of whoever does it
 */
export function otherProcedure(title: string, touches: readonly OtherTouch[]): Procedure {
  const touched = whole(touches);
  const has = (touch: OtherTouch) => touched.has(touch);
  return {
    label: title,
    about: 'Named by hand',
    scope: has('wheels') ? 'corner' : 'car',
    touches: [
      ...(has('wheels') ? (['lift', 'wheels'] as const) : []),
      ...(has('pistons') ? (['dust', 'heat'] as const) : []),
      ...(has('lines') ? (['lift', 'fluid', 'pressure'] as const) : []),
      'first_move',
    ],
    minutes: 0,
    needs: [],
    measures: [],
    ...(has('lines') ? { bleed: 'opened' } : {}),
    ...(has('friction') ? { bedIn: true } : {}),
    steps: ({ car, corners }): Step[] => {
      const discs = has('pistons') ? corners.filter((corner) => car[axleOf(corner)].brake === 'disc') : [];
      return [
        measureBefore,
        ...(has('wheels') ? [carUp()] : []),
        ...(has('pistons') ? [coolFirst] : []),
        ...(has('lines') ? [propPedal] : []),
        ...calipersOff(discs),
        ...(discs.length > 0 ? [pistonsBack(discs)] : []),
        step('Fit', 'do', title, 'Parts, consumables and torque from the maker. In pairs on an axle.', {
          record: [
            { id: 'doneUp', label: 'Torque, where something was done up', kind: 'figure', unit: 'N·m' },
          ],
        }),
        ...caliperOn(discs),
        step('Fit', 'after', 'Measure the same again', 'Same place, same gauge.'),
        ...(has('wheels') ? [wheelsOn(corners)] : []),
        // A bleed sets the level itself.
        ...(has('pistons') && !has('lines') ? levelled : []),
        firmPedal,
        holdPedal,
        ...(has('wheels') || has('lines') ? [slowRoll] : []),
      ];
    },
  };
}

const measureBefore = step(
  'Before',
  'before',
  'Measure what is wrong',
  'Without a figure before, nobody will know what cured it.',
  { cautions: ['glasses'] },
);
