import type { Procedure } from '../procedure';
import { carUp, coolFirst, levelled, wheelsOn } from './car';
import { apart, caliperOn, calipersOff, facesBright, pistonsBack } from './corner';
import { measureFitted, measureFound, outOfLimit } from './figures';
import { rolledOut } from './proofs';
import { atEach, step } from './step';

/** Jobs on rotors. */
export const ROTORS = {
  rotors: {
    label: 'Renew the rotors, axle pair',
    about: 'Clean, square on a bright hub, measured on the car, with pads to match',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move', 'fluid'],
    minutes: 90,
    needs: [
      { kind: 'rotor', what: 'Rotor for this axle', quantity: 1, per: 'corner' },
      { kind: 'pads', what: 'Pads for this axle', quantity: 1, per: 'axle' },
    ],
    measures: ['rotor', 'hub'],
    bedIn: true,
    steps: ({ corners }) => [
      ...apart(corners),
      ...measureFound('rotor', corners, 'old rotor: thickness, why it goes'),
      ...atEach(
        corners,
        'rotor-off',
        'rotor off, stud marked',
        'Bracket off where it is in the way; a seized screw by impact driver, jacking screws in its threads; shoes in the hat backed off. A stuck one is drawn off, not hammered: the bearing takes every blow.',
      ),
      facesBright(corners),
      ...measureFitted('hub', corners, 'hub face runout'),
      ...atEach(
        corners,
        'wash',
        'new rotor washed',
        'New rotors are oiled: cleaner, then hot soapy water, dried. A speed ring on the hat is brought across, or renewed.',
        { tool: 'Brake cleaner, soap, clean cloth', cautions: ['fumes'] },
      ),
      ...atEach(
        corners,
        'rotor-on',
        'rotor on, held by all its nuts',
        'This side’s rotor: vanes and slots as its maker draws them. All nuts, evenly, with spacers where the wheel’s thickness is missing; a new screw. Flat against the hub all round before the dial goes near it.',
      ),
      ...measureFitted('rotor', corners, 'runout and thickness as fitted', [
        'Clean the faces again, then the next stud: the hub reading above says which. A new rotor is not a true one until the dial says so.',
        'No stud inside: machine on the car, shim, or another rotor.',
      ]),
      pistonsBack(corners),
      ...atEach(
        corners,
        'back',
        'pads in, caliper on',
        'New pads on new rotors: an old pad prints its own shape.',
        { torque: 'caliper_bracket' },
      ),
      wheelsOn(corners),
      ...levelled,
      ...rolledOut,
    ],
  },
  machine: {
    label: 'Machine the rotors, axle pair',
    about: 'Metal off both sides, enough left, same finish, same car',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 120,
    needs: [],
    measures: ['rotor'],
    bedIn: true,
    steps: ({ car, corners, axles }) => [
      ...apart(corners),
      ...measureFound('rotor', corners, 'thickness and runout as it stands'),
      step(
        'Before',
        'enough',
        'Is there metal enough?',
        `${axles
          .map((axle) => {
            const { rotorNewMm, rotorMinimumMm } = car[axle];
            return `${axle}: ${rotorMinimumMm === null ? 'minimum not on file, read it on the rotor' : `minimum ${rotorMinimumMm} mm${rotorNewMm === null ? '' : ` of ${rotorNewMm}`}`}`;
          })
          .join('; ')}. Thickness after the cut must stand above it with wear to come.`,
        {
          facts: 'metal_left',
          ask: [
            { value: 'enough', label: 'Enough' },
            { value: 'short', label: 'Not enough', trouble: 'short' },
          ],
          troubles: [
            {
              id: 'short',
              label: 'Not enough metal',
              lines: [
                'Renew the pair instead. Drilled and slotted rotors are slow to cut and often not worth it.',
              ],
            },
          ],
        },
      ),
      facesBright(corners),
      ...atEach(
        corners,
        'cut',
        'cut both faces',
        'On the car where there is a lathe for it: it cuts true to this hub. On a bench: rotor off, on its hub face, both faces in one set-up. Never a floating ring or carbon. Fine finish, no chatter; swarf washed off before anything goes back.',
        { cautions: ['dust', 'fingers', 'glasses'] },
      ),
      ...measureFitted('rotor', corners, 'runout and thickness after the cut', [
        'Below the minimum cast on it: it is not fitted, the pair is renewed.',
        'Runout: faces and stud again, then one more light cut on the car.',
      ]),
      ...atEach(
        corners,
        'back',
        'dressed pads in, caliper on',
        'Pads flat again or new: the old shape ruins the new face.',
        { torque: 'caliper_bracket' },
      ),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: [
      'Measure before you scrap: most “warped” rotors carry a print that paper and a bed-in take off.',
    ],
  },
  reindex: {
    label: 'Turn the rotor on its studs',
    about: 'Runout of hub and rotor against each other, and no metal lost',
    scope: 'corner',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 40,
    needs: [],
    measures: ['rotor', 'hub'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...measureFound('rotor', corners, 'runout as it stands, nuts on with washers'),
      ...calipersOff(corners),
      ...atEach(
        corners,
        'mark',
        'mark rotor and stud, rotor off',
        'Paint on both: the plan counts from this mark.',
      ),
      facesBright(corners),
      ...measureFound('hub', corners, 'hub face runout, then the stud to turn to'),
      ...atEach(
        corners,
        'turn',
        'rotor on at the stud it says',
        'Clockwise as seen from outside, from the mark. All nuts, flat all round. A retaining screw, wheel bolts through one place only or a hat with an adjuster hole allow no other stud.',
        {
          facts: 'reindex',
          ask: [
            { value: 'turned', label: 'On at that stud' },
            { value: 'one', label: 'It goes on in one place only', trouble: 'one-place' },
          ],
          troubles: [
            {
              id: 'one-place',
              label: 'One place only',
              lines: ['Then it is cut on the car, shimmed, or renewed: add that job.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'again',
        'dial it again',
        'As predicted within a hundredth or two: then it was the sum of the two.',
        (corner) => ({
          tool: 'Dial indicator',
          troubles: [
            {
              ...outOfLimit,
              lines: [
                'Faces again, then the second best stud.',
                'No position inside: machine on the car, shim, or renew.',
              ],
            },
          ],
          measure: { measure: 'rotor', corner, phase: 'after', gates: true },
        }),
      ),
      ...caliperOn(corners),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  float: {
    label: 'Free or renew the float hardware',
    about: 'The ring must move on its hat, and not rattle',
    scope: 'axle',
    fits: { rotor: 'two_piece', brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 75,
    needs: [{ kind: 'float_kit', what: 'Float hardware set', quantity: 1, per: 'corner' }],
    measures: ['rotor'],
    steps: ({ corners }) => [
      ...apart(corners),
      ...atEach(corners, 'rotor-off', 'rotor off', 'Stud marked.'),
      ...atEach(
        corners,
        'holes',
        'ring and hat marked, play read, holes looked at',
        'Radial and axial, before anything is undone. Long or hammered: the hat goes too.',
        {
          record: [{ id: 'play', label: 'Float before', kind: 'figure', unit: 'mm' }],
        },
      ),
      ...atEach(
        corners,
        'hardware',
        'hardware out, cleaned or new',
        'All of it new where a nut is for once; in its order, marks in line, lock or thread glue as the rotor’s maker says. Whether the spring washers may be turned to free the ring is the rotor maker’s word. Small torque: follow the maker.',
        {
          torque: 'float_hardware',
        },
      ),
      ...atEach(
        corners,
        'moves',
        'ring moves by hand, both ways',
        'As much as the maker says, and back. No grease where heat lives.',
        {
          record: [{ id: 'play', label: 'Float now', kind: 'figure', unit: 'mm' }],
          ask: [
            { value: 'moves', label: 'Moves, no rattle' },
            { value: 'not', label: 'Bound, or it rattles', trouble: 'float-wrong' },
          ],
          troubles: [
            {
              id: 'float-wrong',
              label: 'Bound, or it rattles',
              unfit: true,
              lines: [
                'Washers in another order or number as the maker allows; holes long: ring and hat go as a pair.',
              ],
            },
          ],
        },
      ),
      facesBright(corners),
      ...measureFitted('rotor', corners, 'runout as fitted'),
      ...caliperOn(corners),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: ['Free float rattles and hammers the hat in time; bound float knocks the pads back.'],
  },
  ring_on_hat: {
    label: 'New ring on its hat',
    about: 'A two-piece rotor: the ring is worn, the hat is kept',
    scope: 'axle',
    fits: { rotor: 'two_piece', brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move'],
    minutes: 120,
    needs: [
      { kind: 'rotor', what: 'Ring of the same side', quantity: 1, per: 'corner' },
      { kind: 'float_kit', what: 'Float hardware set', quantity: 1, per: 'corner' },
    ],
    measures: ['rotor'],
    bedIn: true,
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'out',
        'caliper tied up, rotor off, old ring read',
        'How thick, how many laps, why it goes.',
        {
          cautions: ['caliper_hang', 'dust', 'nobody_presses'],
          record: [{ id: 'thickness', label: 'Thinnest', kind: 'figure', unit: 'mm' }],
        },
      ),
      ...atEach(
        corners,
        'hat',
        'hat: holes round, flange true, no crack',
        'On a flat plate. The old hardware goes in the bin.',
        {
          ask: [
            { value: 'sound', label: 'Sound' },
            { value: 'done', label: 'Long holes, bent or cracked', trouble: 'hat' },
          ],
          troubles: [
            { id: 'hat', label: 'The hat is done', unfit: true, lines: ['Ring and hat as a pair.'] },
          ],
        },
      ),
      ...atEach(
        corners,
        'ring',
        'ring on, vanes to its side, all hardware new, in its order',
        'Crosswise in steps; lock or thread glue as the maker says, nowhere else.',
        { torque: 'float_hardware', record: [{ id: 'play', label: 'Float', kind: 'figure', unit: 'mm' }] },
      ),
      ...atEach(
        corners,
        'on',
        'washed, on a bright face, held by all its nuts',
        'Dialled before the caliper is on: a ring on a hat has two faces to be untrue.',
        {
          cautions: ['fumes'],
          record: [{ id: 'runout', label: 'Runout', required: true, kind: 'figure', unit: 'mm' }],
        },
      ),
      ...atEach(corners, 'back', 'pads to match, caliper on', 'New pads, or ones bedded on the same iron.', {
        torque: 'caliper_bracket',
      }),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
} as const satisfies Record<string, Procedure>;
