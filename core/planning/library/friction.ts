import type { Corner } from '../../car/corner';
import type { Procedure } from '../procedure';
import type { Step } from '../run/step';
import { levelled, wheelsOn } from './car';
import { apart, caliperTorque, pistonsBack } from './corner';
import { measureFound, measurePads } from './figures';
import { firmPedal, rolledOut } from './proofs';
import { atEach, step } from './step';

/** New pads on a rotor that is done are wasted: looked at before they go in. */
const rotorsFit = (corners: readonly Corner[]): Step[] =>
  corners.map((corner) =>
    step(
      'Apart',
      `rotor-fit-${corner.toLowerCase()}`,
      `${corner}: rotor thick enough, no crack`,
      'At the thinnest place, both faces by mirror. Below the minimum cast on it, or a crack that reaches an edge: it goes.',
      {
        corner,
        tool: 'Outside micrometer, mirror',
        record: [{ id: 'thickness', label: 'Thinnest', kind: 'figure', unit: 'mm' }],
        ask: [
          { value: 'fits', label: 'Thick enough, sound' },
          { value: 'done', label: 'Below it, or cracked', trouble: 'rotor-done' },
        ],
        troubles: [
          {
            id: 'rotor-done',
            label: 'The rotor is done',
            unfit: true,
            lines: [
              'No new pads on it: the rotors of this axle are renewed with them. Add that job, in one visit.',
            ],
          },
        ],
      },
    ),
  );

/** Jobs on pads and what they run on. */
export const FRICTION = {
  pads: {
    label: 'New pads, axle set',
    about: 'Both sides of the axle, measured as fitted',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move', 'fluid'],
    minutes: 60,
    needs: [
      { kind: 'pads', what: 'Pads for this axle', quantity: 1, per: 'axle' },
      { kind: 'other', what: 'Clips, pins and wear sensors', quantity: 1, per: 'axle' },
    ],
    measures: ['pads'],
    bedIn: true,
    steps: ({ car, corners }) => [
      ...apart(corners),
      ...measureFound('pads', corners, 'pads, inner and outer, both ends'),
      ...rotorsFit(corners),
      step(
        'Apart',
        'pins',
        'Pins, boots, pistons, hardware',
        'Pins glide, boots whole, pistons move by hand pressure. A pad fitted over a bound pin wears like the old one did.',
        {
          ask: [
            { value: 'free', label: 'All free' },
            { value: 'bound', label: 'One is bound', trouble: 'bound' },
          ],
          troubles: [
            {
              id: 'bound',
              label: 'A pin or piston is bound',
              lines: [
                'Clean and free it now, or the new pads go the way of the old.',
                'A piston that will not move: add the caliper to this job.',
              ],
            },
          ],
        },
      ),
      pistonsBack(corners),
      ...measurePads(corners),
      ...atEach(
        corners,
        'fit',
        'new pads in',
        'Inner and outer as marked, wear sensor and arrow the way the wheel turns, new clips and pins. Abutments to bare metal. Shims and springs back, backing plates touched with the right grease only where metal slides. Brake cleaner off the rubber boots.',
        { cautions: ['fumes'] },
      ),
      ...atEach(corners, 'back', 'caliper on', 'New bolts where the maker asks.', caliperTorque(car)),
      wheelsOn(corners),
      ...levelled,
      ...rolledOut,
    ],
    tradeOffs: [
      'A pair that does not get on wears out early without being driven hard; the parts list tells by session which one it was.',
    ],
  },
  pad_dress: {
    label: 'Dress pads and rotor',
    about: 'Glaze or print off both faces, before metal is taken or parts are bought',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 60,
    needs: [],
    measures: ['rotor', 'pads'],
    bedIn: true,
    steps: ({ car, corners }) => [
      ...apart(corners),
      ...measureFound('rotor', corners, 'rotor before anything is touched'),
      ...atEach(
        corners,
        'scrub',
        'scrub the rotor faces',
        'Both faces, hub held still. Garnet paper wet on a flat block, crosswise, until the print is gone and the face is even grey; then an alcohol wipe and no hand on it. Garnet leaves nothing behind; oxides do.',
        {
          tool: 'Garnet paper 120, flat block, alcohol',
          cautions: ['dust', 'mask', 'fumes'],
        },
      ),
      ...atEach(
        corners,
        'dress',
        'pad faces flat',
        'Figure of eight on wet paper on glass until the shine is gone. Cracked, crumbled or oiled pads are not dressed: they go; so does a lining old enough to hold asbestos.',
        {
          cautions: ['dust', 'mask'],
          ask: [
            { value: 'dressed', label: 'Flat and sound' },
            { value: 'goes', label: 'It goes', trouble: 'goes' },
          ],
          troubles: [
            {
              id: 'goes',
              label: 'A pad that is not dressed',
              lines: [
                'Cracked, oiled, below its minimum, or of an age that may hold asbestos: the axle set is renewed.',
              ],
            },
          ],
        },
      ),
      ...measurePads(corners).map((each) => ({
        ...each,
        title: `${each.corner}: pads after the flatting`,
        how: 'Both ends of each: what the paper took is gone. Below its minimum a pad is renewed.',
      })),
      ...atEach(corners, 'back', 'caliper on', 'Pads where they were.', caliperTorque(car)),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: ['Garnet paper and a bed-in cure and prove a print: metal taken off first is metal gone.'],
  },
  compound_change: {
    label: 'Another compound',
    about: 'A pad for the heat there is; a compound only chooses where it hurts',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move', 'legal', 'fluid'],
    minutes: 90,
    needs: [{ kind: 'pads', what: 'Pads of the new compound', quantity: 1, per: 'axle' }],
    measures: ['heat', 'pads'],
    bedIn: true,
    steps: ({ car, corners }) => [
      step(
        'Before',
        'why',
        'What did it reach, and what is the new one good to?',
        'Paint and strips tell the peak. A hotter pad is worse cold: on the road that is the first stop of the morning, and a race pad may not be legal there.',
        { measure: { measure: 'heat', phase: 'before' }, cautions: ['legal'] },
      ),
      ...apart(corners),
      ...measureFound('pads', corners, 'pads, inner and outer, both ends'),
      ...rotorsFit(corners),
      pistonsBack(corners),
      ...measurePads(corners),
      ...atEach(
        corners,
        'clean',
        'old film off the rotor',
        'Two compounds on one face do not mix: scrub to bare metal or fit other rotors.',
        {
          tool: 'Garnet paper 120',
          cautions: ['dust', 'mask'],
        },
      ),
      ...atEach(
        corners,
        'fit',
        'new pads in',
        'One axle alone moves the balance: the other is decided now, and the car’s page says which compound is where.',
      ),
      ...atEach(corners, 'back', 'caliper on', 'New bolts where the maker asks.', caliperTorque(car)),
      wheelsOn(corners),
      ...levelled,
      ...rolledOut,
    ],
    tradeOffs: [
      'One change between two runs of the same day, written down: compound, rotor, package or duct.',
    ],
  },
  bed_in: {
    label: 'Bed the pads in',
    about: 'An even film of pad on the rotor, and no print',
    scope: 'car',
    touches: ['road', 'first_move', 'heat'],
    minutes: 40,
    needs: [],
    measures: ['heat'],
    steps: () => [],
  },
  warm_up: {
    label: 'Warm them, or a pad for the road',
    about: 'A race compound below its range does not bite',
    scope: 'car',
    touches: ['road', 'first_move'],
    minutes: 30,
    needs: [],
    measures: ['heat'],
    steps: () => [
      firmPedal,
      step(
        'Proof',
        'warm',
        'Six firm slowdowns from road speed, then try again',
        'Ten minutes without the brakes afterwards. Bites now: it was only cold. Tell the driver how many the out-lap needs.',
        {
          cautions: ['road'],
          drives: true,
          ask: [
            { value: 'bites', label: 'It bites warm' },
            { value: 'still', label: 'Still does not', trouble: 'still' },
          ],
          troubles: [
            {
              id: 'still',
              label: 'Still does not bite',
              lines: [
                'Then it is not the cold: glazed, oily or cooked. Back to the verdict with that answer.',
              ],
            },
          ],
        },
      ),
      step(
        'Finish',
        'tell',
        'Driven on the road too?',
        'Then a pad that works cold: the first stop of the morning counts.',
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
