import type { Procedure } from '../procedure';
import {
  apart,
  atEach,
  caliperOn,
  calipersOff,
  carUp,
  coolFirst,
  facesBright,
  firmPedal,
  levelled,
  measureFitted,
  measureFound,
  pistonsBack,
  rolledOut,
  slowRoll,
  step,
  wheelsOn,
} from './common';

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
      ...atEach(
        corners,
        'rotor-off',
        'rotor off, stud marked',
        'A stuck one is drawn off, not hammered: the bearing takes every blow.',
      ),
      facesBright(corners),
      ...measureFitted('hub', corners, 'hub face runout'),
      ...atEach(
        corners,
        'wash',
        'new rotor washed',
        'New rotors are oiled: cleaner, then hot soapy water, dried.',
        { tool: 'Brake cleaner, soap, clean cloth' },
      ),
      ...atEach(
        corners,
        'rotor-on',
        'rotor on, held by two nuts',
        'Flat against the hub all round before the dial goes near it.',
      ),
      ...measureFitted('rotor', corners, 'runout and thickness as fitted'),
      step(
        'Fit',
        'over',
        'Runout over the limit? Turn it on its studs first',
        'The hub reading above says which stud; a new rotor is not a true one until the dial says so.',
        {
          ask: [
            { value: 'inside', label: 'Inside the limit' },
            { value: 'over', label: 'Over it', trouble: 'over' },
          ],
          troubles: [
            {
              id: 'over',
              label: 'Over the limit',
              lines: [
                'Clean the faces again, try the next stud, dial it again.',
                'No stud inside: machine on the car, shim, or another rotor.',
              ],
            },
          ],
        },
      ),
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
      ...apart(corners),
      facesBright(corners),
      ...atEach(
        corners,
        'cut',
        'cut both faces',
        'On the car where there is a lathe for it: it cuts true to this hub. Fine finish, no chatter.',
        { cautions: ['dust'] },
      ),
      ...measureFitted('rotor', corners, 'runout and thickness after the cut'),
      ...atEach(
        corners,
        'back',
        'dressed pads in, caliper on',
        'Pads flat again or new: the old shape ruins the new face.',
        { torque: 'caliper_bracket' },
      ),
      wheelsOn(corners),
      firmPedal,
      slowRoll,
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
      carUp(),
      coolFirst,
      ...measureFound('rotor', corners, 'runout as it stands'),
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
        'Clockwise as seen from outside, from the mark. Two nuts, flat all round.',
        { facts: 'reindex' },
      ),
      ...atEach(
        corners,
        'again',
        'dial it again',
        'As predicted within a hundredth or two: then it was the sum of the two.',
        {
          tool: 'Dial indicator',
          ask: [
            { value: 'inside', label: 'Inside the limit' },
            { value: 'over', label: 'Still over', trouble: 'over' },
          ],
          troubles: [
            {
              id: 'over',
              label: 'Still over',
              lines: [
                'Faces again, then the second best stud.',
                'No position inside: machine on the car, shim, or renew.',
              ],
            },
          ],
        },
      ),
      ...caliperOn(corners),
      wheelsOn(corners),
      firmPedal,
      slowRoll,
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
      ...atEach(corners, 'holes', 'look at the hat’s holes', 'Long or hammered: the hat goes too.'),
      ...atEach(
        corners,
        'hardware',
        'hardware out, cleaned or new',
        'Whether the spring washers may be turned to free the ring is the rotor maker’s word. Small torque: follow the maker.',
        {
          torque: 'float_hardware',
        },
      ),
      ...atEach(
        corners,
        'moves',
        'ring moves by hand, both ways',
        'A little, and back. No grease where heat lives.',
      ),
      facesBright(corners),
      ...measureFitted('rotor', corners, 'runout as fitted'),
      ...caliperOn(corners),
      wheelsOn(corners),
      firmPedal,
      slowRoll,
    ],
    tradeOffs: ['Free float rattles and hammers the hat in time; bound float knocks the pads back.'],
  },
} as const satisfies Record<string, Procedure>;
