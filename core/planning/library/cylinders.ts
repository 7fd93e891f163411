import type { Procedure } from '../procedure';
import { carUp, coolFirst, propPedal, wheelsOn } from './car';
import { firmPedal, holdPedal, portOpen } from './proofs';
import { atEach, step } from './step';

/** Jobs on master, calipers as they stand, and wheel cylinders. */
export const CYLINDERS = {
  master: {
    label: 'New master cylinder',
    about: 'Seals that let pressure past, or another bore',
    scope: 'car',
    touches: ['fluid', 'pressure', 'lift', 'wheels', 'first_move'],
    minutes: 120,
    needs: [
      { kind: 'master', what: 'Master cylinder of the right bore', quantity: 1, per: 'job' },
      { kind: 'other', what: 'Seal to the booster, grommets, pin, plugs', quantity: 1, per: 'job' },
    ],
    measures: ['firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ car }) => [
      step(
        'Before',
        'bore',
        'Check the bore on the casting',
        `${car.masterBoreMm === null ? 'The bore of this car is not on file' : `This car: ${car.masterBoreMm} mm`}. A bore up is a shorter, harder pedal; a bore down the reverse.`,
        {
          ask: [
            { value: 'same', label: 'The same' },
            { value: 'purpose', label: 'Another, on purpose' },
            { value: 'wrong', label: 'Not the right one', trouble: 'wrong-bore' },
          ],
          troubles: [
            {
              id: 'wrong-bore',
              label: 'Not the right bore',
              must: true,
              lines: [
                'Nothing is opened yet: the right one first. The bench’s pedal page says what each bore does.',
              ],
            },
          ],
        },
      ),
      step(
        'Before',
        'plug',
        'Plug the outlets and press, once',
        'Rags and a tray under it, the pedal up. A pedal that still sinks is the master; one that stands firm says look elsewhere before you buy.',
        {
          tool: 'Outlet plugs, tray',
          cautions: ['fluid', 'glasses', 'pressure'],
          ask: [
            { value: 'sinks', label: 'It sinks: the master' },
            { value: 'firm', label: 'It stands firm', trouble: 'stands' },
            { value: 'other', label: 'Not tried: another bore, or it leaks' },
          ],
          troubles: [
            {
              id: 'stands',
              label: 'It stands firm',
              lines: [
                'The master holds: what gives is behind it. Unions back, bled, and back to the verdict before one is bought.',
              ],
            },
          ],
        },
      ),
      step(
        'Fit',
        'bench-bleed',
        'Bleed the new one on the bench',
        'Held by its flange, filled, short slow strokes until no bubble comes. Air in a new master takes hours to get out on the car.',
        { cautions: ['fluid'] },
      ),
      step(
        'Apart',
        'old-out',
        'Unions off, old master out',
        'Reservoir drawn empty, the booster’s help pumped out, level plug and clutch feed off. Rags under, plugs in; its nuts last. Look into the booster’s mouth for fluid.',
        {
          cautions: ['pressure', 'glasses', 'fluid', 'assist_pressure'],
          tool: 'Flare spanners',
        },
      ),
      step(
        'Fit',
        'new-in',
        'New master in, unions by hand first',
        'Pushrod play as the maker says, before the nuts are done up.',
        { torque: 'master_nut' },
      ),
      step('Fit', 'unions', 'Unions up', 'Two turns by hand or they are crossed.', { torque: 'line_union' }),
      firmPedal,
      holdPedal,
      portOpen,
    ],
  },
  caliper_swap: {
    label: 'Put the calipers on their right sides',
    about: 'The bleeder must stand at the very top, or air stays in',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move', 'dust'],
    minutes: 90,
    needs: [
      { kind: 'other', what: 'Sealing washers', quantity: 2, per: 'corner' },
      { kind: 'other', what: 'Mount bolts', quantity: 2, per: 'corner' },
    ],
    measures: ['firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Apart',
        'look',
        'Look where the bleeders stand',
        'At the top, or lower than a passage: a minute’s look before an hour’s work.',
        { cautions: ['dust'] },
      ),
      propPedal,
      ...atEach(
        corners,
        'unhung',
        'caliper off its hose and mount',
        'Both off before either goes on. Handed bores, pads and wear sensors stay with their side: look which.',
        { cautions: ['fluid', 'dust', 'glasses', 'nobody_presses'], tool: 'Tray, plugs' },
      ),
      ...atEach(
        corners,
        'swap',
        'caliper from the other side on, bleeder on top',
        'New washers, pads in. Crossed pipes may have to be bent anew.',
        {
          torque: ['caliper_bracket', 'banjo'],
        },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
  wheel_cylinder: {
    label: 'New wheel cylinders',
    about: 'Both sides of the axle, cheap beside a return visit',
    scope: 'axle',
    fits: { brake: 'drum' },
    touches: ['lift', 'fluid', 'pressure', 'dust', 'springs', 'wheels', 'first_move'],
    minutes: 90,
    needs: [
      { kind: 'wheel_cylinder', what: 'Wheel cylinder', quantity: 1, per: 'corner' },
      { kind: 'other', what: 'Hold-downs, bleeder, pipe union as found', quantity: 1, per: 'corner' },
      { kind: 'shoes', what: 'Shoes, if they met fluid', quantity: 1, per: 'axle' },
    ],
    measures: ['drum'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      propPedal,
      // One side whole before the other is touched: the other is the pattern.
      ...corners.flatMap((corner) => [
        ...atEach(
          [corner],
          'shoes',
          'drum and shoes off',
          'Parking brake off and slack. Only this side: the other is the picture to copy. A lining that met fluid goes, on both sides; the drum’s bore against the figure cast on it.',
          { cautions: ['dust', 'spring_loaded', 'nobody_presses'] },
        ),
        ...atEach(
          [corner],
          'cylinder',
          'new cylinder on',
          'Pipe union by hand first, then the bolts, then the union. A clip over the pistons until the shoes are on. Look for fluid behind the old boots.',
          { torque: 'wheel_cylinder', cautions: ['fluid'] },
        ),
        ...atEach(
          [corner],
          'adjust',
          'shoes back, set to a light drag',
          'Linings that met fluid are scrap. This side is whole before the other is opened.',
        ),
      ]),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
} as const satisfies Record<string, Procedure>;
